package mildlantern.almanac;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Month;
import java.time.Year;
import java.time.ZoneOffset;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.Words;
import mildlantern.light.Sun;
import mildlantern.nutrition.FeedPlan;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.round.RoundPlanner;
import mildlantern.season.PlantYears;
import mildlantern.season.YearKnowledge;
import mildlantern.water.WaterKnowledge;

/** The command {@code lantern years [LATITUDE [KIND]]}: prints a simulated year of every kind, or of one. */
public final class YearsCommand {
    private static final int PRINTED = 0;
    private static final int UNUSABLE = 2;
    private static final double MOST_LATITUDE = 66;
    private static final double USUAL_LATITUDE = 45;

    private YearsCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(List.of(arguments), out, err));
    }

    static int run(List<String> arguments, PrintStream out, PrintStream err) {
        double latitude;
        try {
            latitude = arguments.isEmpty() ? USUAL_LATITUDE : Double.parseDouble(arguments.get(0));
        } catch (NumberFormatException e) {
            latitude = Double.NaN;
        }
        if (!(Math.abs(latitude) <= MOST_LATITUDE) || arguments.size() > 2) {
            err.println("usage: lantern years [LATITUDE from -66 to 66 [KIND]]");
            return UNUSABLE;
        }
        try {
            PlantKnowledge plants = PlantKnowledge.load();
            KindYear years = new KindYear(
                    plants,
                    new PlantYears(YearKnowledge.load(plants)),
                    WaterKnowledge.load(plants),
                    FeedPlan.load(),
                    Sun.load(),
                    RoundPlanner.load().feedDays());
            List<Profile> kinds = plants.profiles().stream()
                    .filter(kind -> arguments.size() < 2 || kind.id().equals(arguments.get(1)))
                    .toList();
            if (kinds.isEmpty()) {
                err.println("lantern years: there is no kind " + arguments.get(1));
                return UNUSABLE;
            }
            for (Profile kind : kinds) {
                print(
                        kind,
                        years.months(kind, latitude, Year.now(ZoneOffset.UTC).getValue()),
                        out);
            }
            return PRINTED;
        } catch (KnowledgeException e) {
            err.println("lantern years: " + e.getMessage());
            return UNUSABLE;
        }
    }

    private static void print(Profile kind, Map<Month, KindYear.InMonth> months, PrintStream out) {
        out.println(kind.name() + " (" + kind.id() + ")");
        months.forEach((month, in) -> out.printf(
                Locale.ROOT,
                "  %s  %-24s water %2d  feed %d  %s%n",
                month.getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
                in.phases().stream().map(Words::id).map(Words::spoken).collect(Collectors.joining(", ")),
                in.waterings(),
                in.feeds(),
                in.steps().stream().map(Words::id).map(Words::spoken).collect(Collectors.joining(", "))));
    }
}
