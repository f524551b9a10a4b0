package mildlantern.web.kindbook;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.look.Looks;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.Family;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.KindNames;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.season.PlantYears;
import mildlantern.season.YearKnowledge;
import mildlantern.web.plate.Plate;
import mildlantern.web.plate.PlateDrawer;
import mildlantern.web.plate.PlateSubject;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;

/** Puts the pages of the book of kinds together. */
@Service
class KindBook {
    /** So many can be told apart at a glance. */
    private static final int A_PAGE = 12;

    private static final int NAMES = 5;

    private final PlantKnowledge plants;
    private final YearKnowledge years;
    private final Looks looks;

    KindBook(PlantKnowledge plants, PlantYears years, Looks looks) {
        this.plants = plants;
        this.years = years.knowledge();
        this.looks = looks;
    }

    /**
     * A page.
     *
     * @param asked the name that was asked for, or blank
     * @param family the family whose kinds are shown; empty for all
     * @param number from 1
     * @param of how many pages
     * @param all how many kinds
     */
    record Page(String asked, Optional<Family> family, List<Card> kinds, int number, int of, int all) {}

    /** A kind. */
    record Card(
            String id,
            String name,
            BotanicalName botanical,
            String also,
            List<String> wants,
            Optional<String> rest,
            Optional<String> disputed) {}

    Page page(String asked, Optional<Family> family, int number) {
        List<Profile> fitting = asked.isBlank()
                ? plants.profiles().stream()
                        .filter(kind -> family.isEmpty() || kind.family() == family.get())
                        .toList()
                : new KindNames(plants.profiles()).called(asked);
        int pages = Math.max(1, (fitting.size() + A_PAGE - 1) / A_PAGE);
        int shown = Math.max(1, Math.min(pages, number));
        return new Page(
                asked,
                family,
                fitting.stream()
                        .skip((long) A_PAGE * (shown - 1))
                        .limit(A_PAGE)
                        .map(this::card)
                        .toList(),
                shown,
                pages,
                fitting.size());
    }

    private Card card(Profile kind) {
        return new Card(
                kind.id(),
                kind.name(),
                BotanicalName.of(kind.botanical(), Optional.empty()),
                String.join(", ", kind.also().stream().limit(NAMES).toList()),
                List.of(
                        Wording.say(
                                "kindbook.kind-book.light",
                                Limits.tenths(years.of(kind).hold()),
                                Limits.tenths(kind.dailyLight().low())),
                        Wording.say(
                                "kindbook.kind-book.warmth",
                                Units.number(kind.day().low(), Unit.Of.TEMPERATURE),
                                Units.shown(kind.day().high(), Unit.Of.TEMPERATURE),
                                Units.shown(kind.night().celsius(), Unit.Of.TEMPERATURE)),
                        Wording.say("kindbook.kind-book.water", days(kind.wateringDays()), Wording.of(kind.dryness()))),
                kind.rest(),
                years.of(kind).disputed());
    }

    private static String days(Range days) {
        return Limits.plain(days.low()) + " " + Wording.say("kindbook.kind-book.to") + " " + Limits.plain(days.high());
    }

    /** The plate of a usual plant of a kind in flower. */
    Optional<Plate> plate(String id) {
        return plants.profile(id).map(kind -> PlateDrawer.draw(subject(kind)));
    }

    /** Whether a kind is grown for its flowers, or told by them: foliage plants are drawn without. */
    private boolean flowers(Profile kind) {
        return kind.family() == Family.ORCHID
                || kind.family() == Family.BROMELIAD
                || kind.family() == Family.CARNIVOROUS
                || !looks.of(kind).bloom().equals(looks.of(kind.form()).bloom());
    }

    private PlateSubject subject(Profile kind) {
        return new PlateSubject(
                new PlantId(UUID.nameUUIDFromBytes(kind.id().getBytes(StandardCharsets.UTF_8))),
                kind.form(),
                looks.of(kind),
                kind.usualPot(),
                kind.usualMedium(),
                0,
                0,
                kind.form() == GrowthForm.AIR_PLANT ? 1 : 0,
                flowers(kind) ? 3 : 0,
                flowers(kind) ? 1 : 0);
    }
}
