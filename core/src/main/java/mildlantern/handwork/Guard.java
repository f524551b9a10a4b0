package mildlantern.handwork;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.Season;

/** Which errands of cleaning and guarding a case or the season asks for, and on which day. */
public final class Guard {
    private static final int LONGEST_SEASON = 100;

    private record OfCase(Set<DisorderId> of, int every, int most) {}

    private record OfSeason(Season season, int days, boolean outdoors, boolean living) {
        boolean fits(House house) {
            return (house.outdoors() || !outdoors) && (house.livingEnemies() || !living);
        }
    }

    private final Map<Errand, OfCase> cases = new EnumMap<>(Errand.class);
    private final Map<Errand, OfSeason> seasons = new EnumMap<>(Errand.class);

    private Guard(Entry file) {
        file.at("cases").children().forEach((id, entry) -> {
            entry.allowOnly(Set.of("of", "every", "most"));
            cases.put(
                    errand(id, entry),
                    new OfCase(Set.copyOf(entry.disorders("of")), (int) entry.number("every", 0, 90), (int)
                            entry.number("most", 1, 365)));
        });
        file.at("seasons").children().forEach((id, entry) -> {
            entry.allowOnly(Set.of("season", "days", "outdoors", "living"));
            seasons.put(
                    errand(id, entry),
                    new OfSeason(
                            entry.constant(Season.class, "season"),
                            (int) entry.number("days", 1, 90),
                            entry.flag("outdoors"),
                            entry.flag("living")));
        });
        for (Errand errand : Errand.values()) {
            if (cases.containsKey(errand) == seasons.containsKey(errand)) {
                throw file.failure(Words.id(errand) + " is asked for by a case or by a season");
            }
        }
    }

    private static Errand errand(String id, Entry entry) {
        return Words.find(Errand.class, id).orElseThrow(() -> entry.failure("is no errand"));
    }

    /**
     * @throws KnowledgeException if {@code guard.yaml} is wrong; the message names the key
     */
    public static Guard load() {
        return new Guard(KnowledgeFiles.open("guard.yaml"));
    }

    /** All causes that an errand is for. */
    Set<DisorderId> causes() {
        return cases.values().stream().flatMap(one -> one.of().stream()).collect(Collectors.toUnmodifiableSet());
    }

    /**
     * An errand and its day.
     *
     * @param errand what
     * @param day when it is due; may lie in the past
     */
    public record Due(Errand errand, LocalDate day) {}

    /**
     * What a case asks for.
     *
     * @param causes its decided causes
     * @param since when it was opened
     * @param done when an errand was last done for its plant
     * @param today the day of the question
     * @param until the last day that is asked about
     */
    public List<Due> ofCase(
            Collection<DisorderId> causes,
            LocalDate since,
            Function<Errand, Optional<LocalDate>> done,
            LocalDate today,
            LocalDate until) {
        List<Due> due = new ArrayList<>();
        cases.forEach((errand, rule) -> {
            if (causes.stream().anyMatch(rule.of()::contains)) {
                Optional<LocalDate> last = done.apply(errand).filter(day -> !day.isBefore(since));
                LocalDate next = last.map(day -> day.plusDays(rule.every())).orElse(since);
                boolean over = last.isPresent() && rule.every() == 0
                        || next.isAfter(since.plusDays(rule.most()))
                        || today.isAfter(since.plusDays(rule.most()));
                if (!over && !next.isAfter(until)) {
                    due.add(new Due(errand, next));
                }
            }
        });
        return List.copyOf(due);
    }

    /**
     * What of a house matters to its errands.
     *
     * @param outdoors whether plants stand outdoors
     * @param livingEnemies whether pests' enemies live there: not where substances in the sap are used
     */
    public record House(boolean outdoors, boolean livingEnemies) {}

    /**
     * What the season asks for.
     *
     * @param today the day of the question
     * @param calendar the season of each day
     * @param house what of the house matters
     * @param done when an errand was last done
     */
    public List<Due> ofSeason(
            LocalDate today,
            Function<LocalDate, Season> calendar,
            House house,
            Function<Errand, Optional<LocalDate>> done) {
        List<Due> due = new ArrayList<>();
        Season now = calendar.apply(today);
        LocalDate began = today;
        for (int i = 0; i < LONGEST_SEASON && calendar.apply(began.minusDays(1)) == now; i++) {
            began = began.minusDays(1);
        }
        LocalDate first = began;
        seasons.forEach((errand, rule) -> {
            boolean asked = rule.season() == now && rule.fits(house) && !today.isAfter(first.plusDays(rule.days()));
            if (asked && done.apply(errand).filter(day -> !day.isBefore(first)).isEmpty()) {
                due.add(new Due(errand, first));
            }
        });
        return List.copyOf(due);
    }
}
