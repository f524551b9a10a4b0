package mildlantern.web.houseplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.plant.PlantId;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.TwoSills;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.casework.CaseService;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** One orchid stands in the dark, and a bright sill is free: the plan for the house carries it there, unless the grower says otherwise. */
@LanternTest
class HousePlanPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private TwoSills twoSills;

    @Autowired
    private CaseService cases;

    @Autowired
    private PlannedTasks tasks;

    @Autowired
    private Stops stops;

    private Growers.Grower grower;
    private CollectionId collection;
    private PlantId orchid;
    private Stop bright;

    @BeforeEach
    void aDarkSillAndABrightOne() {
        TwoSills.Sills sills = twoSills.dark(0.8);
        grower = sills.grower();
        collection = sills.collection();
        orchid = sills.orchid();
        bright = sills.bright();
    }

    private String plan(String dials) throws Exception {
        return asking.text(grower.member(), "/care/plan" + dials);
    }

    @Test
    void whatStandsInTheDarkIsToBeCarriedToTheLight_andItsStepsArePlannedByOnePress() throws Exception {
        String page = plan("");
        assertThat(page).contains("1 plant to move", "No other plan does more", "Bright sill", "Limpet");
        Matcher form = Pattern.compile(
                        "name=\"form\" value=\"([0-9a-f-]+)\"><input type=\"hidden\" name=\"to\" value=\"([0-9a-f-]+)\"")
                .matcher(page.replaceAll("\\s+", " "));
        assertThat(form.find()).isTrue();
        assertThat(form.group(2)).isEqualTo(bright.id().toString());
        asking.form(grower.member(), "/plants/" + orchid + "/care/move", "form", form.group(1), "to", form.group(2));
        assertThat(tasks.planned(collection, orchid)).isNotEmpty();
        assertThat(plan("")).contains("No plant to move");
    }

    @Test
    void aPlantThatIsToStayAHouseWithoutMovesAndOneUnderTreatmentAreLeftAlone() throws Exception {
        assertThat(plan("?pin=" + orchid)).contains("Not to be moved:").doesNotContain("1 plant to move");
        assertThat(plan("?moves=0&noMoney=true")).contains("No plant to move, nothing to set up");
        cases.open(collection, orchid);
        assertThat(plan("?noMoney=true")).contains("No plant to move");
    }

    @Test
    void theWholePlanIsAcceptedByOnePress_onceAForm_andAsksLaterWhetherItHelped() throws Exception {
        String carry = orchid + " " + bright.id();
        String form = Asking.fresh();
        asking.form(grower.member(), "/care/plan", "form", form, "carry", carry);
        List<String> steps = tasks.planned(collection, orchid);
        assertThat(steps).isNotEmpty();
        asking.form(grower.member(), "/care/plan", "form", form, "carry", carry);
        assertThat(tasks.planned(collection, orchid)).isEqualTo(steps);
        assertThat(asking.text(grower.member(), "/plants/" + orchid + "/care")).contains("See whether it helped");
        assertThat(plan("")).contains("No plant to move");
    }

    /** The orchid would go alone; with its neighbour, which must not be moved, it stays. */
    @Test
    void plantsThatMustNotPartAreSaidOnThePage_andStayTogether() throws Exception {
        Plant neighbour = growers.plant(collection, grower.stop(), "Barnacle");
        assertThat(plan("?noMoney=true")).contains("Keep together");
        String together = plan("?noMoney=true&one=" + orchid + "&other=" + neighbour.id());
        assertThat(together).contains("Stay together:", "Barnacle and Limpet");
        cases.open(collection, neighbour.id());
        assertThat(plan("?noMoney=true&one=" + orchid + "&other=" + neighbour.id()))
                .contains("No plant to move");
    }

    @Test
    void thePriceOfAKwhIsReadAsItIsTyped_andSaidAtTheFieldWhereItIsNone() throws Exception {
        assertThat(plan("?moves=0")).contains("kWh more a month.");
        assertThat(plan("?moves=0&price=0.5")).contains("at your price");
        asking.page(grower.member(), "/care/plan?price=cheap").andExpect(status().isUnprocessableContent());
        assertThat(plan("?price=cheap")).contains("Enter the price of a kWh as a number", "value=\"cheap\"");
    }

    /** Two sills of one room have one humidifier. */
    @Test
    void whatRunsInARoomIsSaidOfTheRoom() throws Exception {
        stops.store(stops.stop(collection, grower.stop().id()).inRoom("Parlour").climate(null, 20.0, 22.0, 17.0));
        stops.store(stops.stop(collection, bright.id()).inRoom("Parlour").climate(null, 20.0, 22.0, 17.0));
        assertThat(plan("?moves=0").replaceAll("\\s+", " "))
                .containsPattern("<b>Parlour</b></a> <span>a humidifier that holds 60 %");
    }

    @Test
    void whoGoesWhereIsDrawn_nowAndAsPlanned() throws Exception {
        String page = plan("").replaceAll("\\s+", " ");
        assertThat(page)
                .containsPattern("class=\"pot lacks leaves\"><title>Limpet</title>")
                .containsPattern("class=\"pot fits \"><title>Limpet</title>");
        assertThat(Pattern.compile("class=\"way\"").matcher(page).results()).hasSize(1);
    }

    @Test
    void whatFellIllSinceThePageWasMadeStaysWhereItStands() throws Exception {
        cases.open(collection, orchid);
        asking.form(grower.member(), "/care/plan", "form", Asking.fresh(), "carry", orchid + " " + bright.id());
        assertThat(tasks.planned(collection, orchid)).isEmpty();
    }

    @Test
    void aPlanThatNamesPlantsOrStopsOfAnotherMovesNothing() throws Exception {
        Growers.Grower other = growers.grower();
        asking.form(other.member(), "/care/plan", "form", Asking.fresh(), "carry", orchid + " " + bright.id());
        asking.form(
                grower.member(),
                "/care/plan",
                "form",
                Asking.fresh(),
                "carry",
                orchid + " " + other.stop().id());
        asking.form(grower.member(), "/care/plan", "form", Asking.fresh(), "carry", "nonsense");
        assertThat(tasks.planned(collection, orchid)).isEmpty();
    }

    @Test
    void whatIsNoNumberIsSaidAtTheField_andKeepsWhatWasTyped() throws Exception {
        asking.page(grower.member(), "/care/plan?moves=some").andExpect(status().isUnprocessableContent());
        assertThat(plan("?moves=some")).contains("Enter a whole number from 0 to 9,999.", "value=\"some\"");
    }

    @Test
    void dialsThatSomebodyMadeUpAreReadAsFarAsTheyMakeSense() throws Exception {
        asking.form(grower.member(), "/care/plan/work", "keep", "{x}", "keep", "a_b_c", "pin", orchid.toString())
                .andExpect(redirectedUrl("/care/plan?pin=" + orchid));
        asking.form(grower.member(), "/care/plan/work", "price", "{1}").andExpect(status().isUnprocessableContent());
        assertThat(plan("?keep=a_b_c&one=" + orchid + "&other=" + orchid))
                .contains("1 plant to move")
                .doesNotContain("Stay together:");
    }

    @Test
    void nobodyPlansWithPlantsOfAnother() throws Exception {
        Growers.Grower other = growers.grower();
        assertThat(plan("?pin=" + other.plant().id())).doesNotContain("Not to be moved:");
    }
}
