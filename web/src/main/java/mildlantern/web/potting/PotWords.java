package mildlantern.web.potting;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.potting.MixList;
import mildlantern.potting.PotDeed;
import mildlantern.potting.PotState;
import mildlantern.potting.Potting;
import mildlantern.web.plant.Plant;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** A deed at a pot in words. */
@Component
class PotWords {
    /** How a sentence is told that it has no day. */
    private static final String NO_DAY = "empty";

    private final PlantKnowledge knowledge;
    private final Potting potting;
    private final MixList mixes;
    private final Clock clock;

    PotWords(PlantKnowledge knowledge, Potting potting, MixList mixes, Clock clock) {
        this.knowledge = knowledge;
        this.potting = potting;
        this.mixes = mixes;
        this.clock = clock;
    }

    /** What the pot is now. */
    static String now(PotState state) {
        return Wording.say(
                "potting.pot.now",
                Units.shown(state.acrossCm(), Unit.Of.LENGTH),
                state.medium().map(Medium::name).orElse(""),
                state.months().isPresent() ? state.months().getAsInt() : -1,
                Math.round(state.medium().map(one -> one.lifeMonths().low()).orElse(0.0)),
                Math.round(state.medium().map(one -> one.lifeMonths().high()).orElse(0.0)));
    }

    /** Why, when and how. */
    List<String> words(Plant plant, PotState state, PotDeed deed, String medium) {
        List<String> words = new ArrayList<>();
        words.add(Wording.of(deed.because()));
        deed.from()
                .ifPresent(day -> words.add(Wording.say(
                        "potting.pot.from", deed.when().name(), deed.deed().name(), DayFormat.YEAR.format(day))));
        if (deed.when() == PotDeed.When.AFTER_BLOOM) {
            words.add(Wording.say("potting.pot.after-bloom"));
        }
        if (deed.deed().repots()) {
            words.add(Wording.say("potting.pot.how", deed.deed().name()));
            words.add(
                    deed.trimShare() > 0
                            ? Wording.say("potting.pot.trim", Math.round(deed.trimShare() * 100))
                            : Wording.say("potting.pot.dead-only"));
            double litres = mixes.litres(new MixList.Job(
                    deed.deed(), plant.potKind(), state.acrossCm(), deed.potCm().orElse(state.acrossCm()), medium));
            words.add(Wording.say(
                    "potting.pot.ready",
                    Units.shown(deed.potCm().orElse(state.acrossCm()), Unit.Of.LENGTH),
                    Units.shown(Math.round(litres * 100) * 10, Unit.Of.VOLUME),
                    knowledge.medium(medium).map(Medium::name).orElse(medium),
                    parts(medium)));
            words.add(Wording.say("potting.pot.tool"));
        } else if (deed.deed() != PotDeed.Deed.LEAVE) {
            words.add(Wording.say("potting.pot.how", deed.deed().name()));
        }
        return List.copyOf(words);
    }

    private String parts(String medium) {
        return Wording.listed(potting.parts(medium).entrySet().stream()
                .map(part -> Wording.say("potting.bench.part", part.getValue(), part.getKey()))
                .toList());
    }

    /** What it needs afterwards. */
    List<String> after(PotDeed deed, boolean now) {
        LocalDate today = LocalDate.now(clock);
        PotDeed.After after = deed.after();
        List<String> words = new ArrayList<>();
        long water = Math.round(after.waterDays().low());
        words.add(Wording.say(
                "potting.pot.water-after", water, Math.round(after.waterDays().high()), day(now, today, water)));
        if (after.shadeDays() > 0) {
            words.add(Wording.say("potting.pot.shade", after.shadeDays(), day(now, today, after.shadeDays())));
        }
        words.add(Wording.say("potting.pot.feed", after.feedDays(), day(now, today, after.feedDays())));
        words.add(Wording.say("potting.pot.nothing-else"));
        return List.copyOf(words);
    }

    private static String day(boolean now, LocalDate today, long days) {
        return now ? DayFormat.WEEKDAY.format(today.plusDays(days)) : NO_DAY;
    }

    /** What the other school does, with its terms. */
    String other(Plant plant, PotDeed deed, PotDeed.Deed other) {
        return Wording.say(
                "potting.pot.other",
                other.name(),
                Math.round(deed.trimShare() * 100),
                Units.shown(potting.larger(plant.acrossCm()), Unit.Of.LENGTH));
    }
}
