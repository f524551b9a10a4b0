package mildlantern.bench;

import java.io.File;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * Starts the built application on the demo several times and asks for its pages over loopback, one after another; prints the
 * time to start, each page's median and what it weighs. Arguments: sign-in and password.
 */
public final class ServedPages {
    private static final int STARTS = 3;
    private static final int WARM_UP = 60;
    private static final int ASKED = 200;
    private static final int TABLES = 3;

    private final Visitor visitor;

    private ServedPages(Visitor visitor) {
        this.visitor = visitor;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        List<Double> starts = new ArrayList<>();
        for (int i = 0; i <= STARTS; i++) {
            long began = System.nanoTime();
            try (Served application = Served.start(Map.of("LANTERN_DEMO", "true"), new File("/dev/null"))) {
                application.untilWell();
                // The first start loads the demo and makes the tables; it is not counted.
                if (i > 0) {
                    starts.add(Shares.since(began) / 1e3);
                }
                if (i == STARTS) {
                    new ServedPages(new Visitor().signIn(arguments[0], arguments[1])).measure();
                }
            }
        }
        System.out.printf(
                Locale.ROOT,
                "start, to the first healthy answer: median %.1f s of %s%n",
                Shares.median(starts),
                starts.stream().map(s -> String.format(Locale.ROOT, "%.1f", s)).toList());
    }

    private void measure() throws IOException, InterruptedException {
        String round = visitor.page("/");
        String plant = Visitor.first("href=\"(/plants/[0-9a-f-]{36})\"", round);
        String aCase = freshCase(round);
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("round", "/");
        pages.put("plant", plant);
        pages.put("case", aCase);
        pages.put("case, a part touched", aCase + "?part=leaf");
        String stop = Visitor.first("href=\"(/stops/[0-9a-f-]{36})/plan", round);
        pages.put("stop, a year of hours", stop + "?days=365");
        pages.put("care of all", "/care");
        pages.put("care of a plant", plant + "/care");
        pages.put("feeding", "/feeding");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            List<Double> taken = new ArrayList<>();
            int size = 0;
            for (int i = 0; i < WARM_UP + ASKED; i++) {
                long began = System.nanoTime();
                size = visitor.page(page.getValue()).length();
                if (i >= WARM_UP) {
                    taken.add(Shares.since(began));
                }
            }
            print(page.getKey(), taken, String.format(Locale.ROOT, ", %d KB of markup", size / 1000));
        }
        answers(aCase);
        aMonthOfMinutes(stop);
    }

    /**
     * A case that takes answers, in whatever state the demo is: opened anew on a plant of the round that has none. Where all have one, the first
     * that is still being looked at.
     */
    private String freshCase(String round) throws IOException, InterruptedException {
        for (String plant : Visitor.all(Pattern.compile("href=\"(/plants/[0-9a-f-]{36})\""), round)) {
            HttpResponse<String> opened = visitor.post(plant + "/cases", Map.of());
            if (opened.statusCode() == 200 && opened.body().contains("data-version=")) {
                String address = opened.uri().getPath();
                if (visitor.page(address + "?part=medium").contains("soil.top")) {
                    return address;
                }
            }
        }
        throw new IllegalStateException("no plant of the round takes a case");
    }

    /** A logger's month, a line a minute: from the upload to the answer. Each table is another month, so that every line is new. */
    private void aMonthOfMinutes(String stop) throws IOException, InterruptedException {
        List<Double> taken = new ArrayList<>();
        for (int month = 0; month < TABLES; month++) {
            visitor.page(stop);
            StringBuilder table = new StringBuilder("time,temp (C),rh,lux\n");
            LocalDateTime at = LocalDate.now().minusDays(40L * (month + 1)).atStartOfDay();
            for (int minute = 0; minute < 43_200; minute++) {
                table.append(at.plusMinutes(minute))
                        .append(String.format(
                                Locale.ROOT,
                                ",%.1f,%.1f,1200\n",
                                20 + 3 * Math.sin(minute / 229.0),
                                50 + 9 * Math.cos(minute / 229.0)));
            }
            long began = System.nanoTime();
            HttpResponse<String> answer = visitor.file(
                    stop + "/tables",
                    "table",
                    BodyPublishers.ofString(table.toString()),
                    Map.of("form", UUID.randomUUID().toString()));
            if (answer.statusCode() != 200 || !answer.body().contains("The table was read in")) {
                throw new IllegalStateException("the table answered " + answer.statusCode());
            }
            taken.add(Shares.since(began));
        }
        print("43 200 lines brought", taken, "");
    }

    private static void print(String what, List<Double> taken, String more) {
        System.out.printf(
                Locale.ROOT,
                "%-22s median %.1f ms, nine of ten under %.1f ms%s%n",
                what,
                Shares.median(taken),
                Shares.of(taken, 0.9),
                more);
    }

    /** An answer by key or tap: from the press to the changed ladder, as the browser sends it. */
    private void answers(String aCase) throws IOException, InterruptedException {
        String board = visitor.page(aCase + "?part=medium");
        List<Double> taken = new ArrayList<>();
        for (int i = 0; i < WARM_UP + ASKED; i++) {
            long began = System.nanoTime();
            board = visitor.part(
                    aCase + "/answers",
                    Map.of(
                            "finding",
                            "soil.top",
                            "part",
                            "medium",
                            "stay",
                            "true",
                            "state",
                            i % 2 == 0 ? "dry" : "moist",
                            "version",
                            Visitor.first("data-version=\"(\\d+)\"", board)));
            if (i >= WARM_UP) {
                taken.add(Shares.since(began));
            }
        }
        print("answer to ladder", taken, "");
    }
}
