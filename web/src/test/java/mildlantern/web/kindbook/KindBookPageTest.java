package mildlantern.web.kindbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A grower looks a plant up by any name that he knows, and by how it looks. */
@LanternTest
class KindBookPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    @Test
    void twelveAPage_fromTheFirstToTheLast() throws Exception {
        String first = asking.text(grower.member(), "/kinds");
        assertThat(first.split("plate.svg", -1)).hasSize(13);
        assertThat(first).contains("107 kinds", "page 1 of 9");
        assertThat(asking.text(grower.member(), "/kinds?page=9")).contains("gardenia");
        assertThat(asking.text(grower.member(), "/kinds?page=99")).contains("page 9 of 9");
    }

    @Test
    void aKindIsFoundByItsOldAndItsNewName_andWhatGrowersDisputeIsSaid() throws Exception {
        assertThat(asking.text(grower.member(), "/kinds?q=Heptapleurum")).contains("umbrella tree");
        assertThat(asking.text(grower.member(), "/kinds?q=Christmas+cactus")).contains("holiday cactus");
        assertThat(asking.text(grower.member(), "/kinds?q=lithops")).contains("living stone", "Growers differ");
        assertThat(asking.text(grower.member(), "/kinds?q=tomato")).contains("No kind has this name");
    }

    @Test
    void aFamilyStandsTogether() throws Exception {
        assertThat(asking.text(grower.member(), "/kinds?family=BONSAI"))
                .contains("juniper bonsai", "12 kinds")
                .doesNotContain("moth orchid");
        asking.page(grower.member(), "/kinds?family=NONE").andExpect(status().is4xxClientError());
    }

    @Test
    void eachHasItsPlate_andWhatIsNoKindHasNone() throws Exception {
        asking.page(grower.member(), "/kinds/darlingtonia/plate.svg")
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith("image/svg+xml"));
        asking.page(grower.member(), "/kinds/nothing/plate.svg").andExpect(status().isNotFound());
    }
}
