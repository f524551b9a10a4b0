package mildlantern.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * Sends the shipped application, with the memory it ships with, what strangers and members could send to bring it down, each some times at
 * once, while somebody else works: prints how each was answered, how long he waited at the worst, and whether memory ran out.
 * Arguments: sign-in and password of the demo.
 */
public final class HostileRun {
    private static final int AT_ONCE = 6;

    private final Visitor member;
    private final String plant;
    private final String stop;

    private HostileRun(Visitor member) throws IOException, InterruptedException {
        this.member = member;
        String round = member.page("/");
        plant = Visitor.first("href=\"(/plants/[0-9a-f-]{36})\"", round);
        stop = Visitor.first("href=\"(/stops/[0-9a-f-]{36})/plan", round);
    }

    /** Something that is sent. */
    private interface Attack {
        HttpResponse<String> send() throws Exception;
    }

    public static void main(String[] arguments) throws Exception {
        File log = File.createTempFile("lantern-hostile", ".log");
        try (Served application = Served.start(Map.of("LANTERN_DEMO", "true"), log)) {
            application.untilWell();
            HostileRun run = new HostileRun(new Visitor().signIn(arguments[0], arguments[1]));
            run.all(new Visitor().signIn(arguments[0], arguments[1]));
            try (Stream<String> lines = Files.lines(log.toPath())) {
                System.out.println("out of memory, by its log: "
                        + lines.filter(line -> line.contains("OutOfMemoryError"))
                                .count() + " times; still well: " + Served.well());
            }
        } finally {
            Files.deleteIfExists(log.toPath());
        }
    }

    private void all(Visitor witness) throws Exception {
        String token = token();
        byte[] phone = photo(8064, 6048);
        byte[] text = HostileFiles.pngWithText();
        byte[] zip = HostileFiles.zipBomb();
        byte[] large = photo(10_400, 10_400);
        attack(witness, "a stranger's 300 MB to the sensors' address", () -> push("", HostileFiles.spaces(300L << 20)));
        attack(witness, "a sensor's 300 MB", () -> push(token, HostileFiles.spaces(300L << 20)));
        attack(witness, "a hundred thousand brackets", () -> push(token, BodyPublishers.ofString("[".repeat(100_000))));
        attack(witness, "ten thousand readings", () -> push(token, HostileFiles.readings()));
        attack(witness, "a phone's photo of 48 megapixels", () -> photo(phone));
        attack(witness, "a photo of 108 megapixels", () -> photo(large));
        attack(witness, "a picture with 400 MB of text", () -> photo(text));
        Visitor empty = emptyCollection();
        attack(
                witness,
                "an archive that unpacks to 600 MB",
                () -> empty.file("/exchange/archive", "file", BodyPublishers.ofByteArray(zip), Map.of()));
        attack(
                witness,
                "a logger's table of 8 MB",
                () -> member.file(
                        stop + "/tables",
                        "table",
                        BodyPublishers.ofString(HostileFiles.lines()),
                        Map.of("form", UUID.randomUUID().toString())));
        attack(
                witness,
                "a logger's table of two million cells",
                () -> member.file(
                        stop + "/tables",
                        "table",
                        BodyPublishers.ofString("time,temp (C)\n" + "1,".repeat(2_000_000)),
                        Map.of("form", UUID.randomUUID().toString())));
        attack(
                witness,
                "a table of two hundred thousand columns",
                () -> member.file(
                        "/exchange/tables",
                        "file",
                        BodyPublishers.ofString("a,".repeat(200_000) + "\nb"),
                        Map.of("what", "PLANTS")));
        attack(
                witness,
                "a table of 5 MB",
                () -> member.file(
                        "/exchange/tables",
                        "file",
                        BodyPublishers.ofString(HostileFiles.plants()),
                        Map.of("what", "PLANTS")));
        attack(witness, "a form of 20 MB", () -> member.post("/quick", Map.of("line", "a".repeat(20 << 20))));
        attack(
                witness,
                "a form of fifty thousand fields",
                () -> member.send(member.to("/quick")
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString("a=1&".repeat(50_000)))
                        .build()));
        stalled(witness);
    }

    /** Lets several send the same at once while a witness opens pages, and prints how it went. */
    private static void attack(Visitor witness, String what, Attack attack) throws Exception {
        ExecutorService attackers = Executors.newFixedThreadPool(AT_ONCE);
        AtomicBoolean over = new AtomicBoolean();
        List<Double> waits = Collections.synchronizedList(new ArrayList<>());
        Map<Object, Integer> answers = new TreeMap<>();
        ExecutorService witnesses = Executors.newSingleThreadExecutor();
        Future<?> watching = witnesses.submit(watch(witness, over, waits));
        List<Callable<Object>> all = Collections.nCopies(AT_ONCE, () -> {
            try {
                return String.valueOf(attack.send().statusCode());
            } catch (IOException e) {
                // The connection was ended while the body was still on its way: it was not read.
                return "cut off";
            }
        });
        long began = System.nanoTime();
        for (Future<Object> one : attackers.invokeAll(all)) {
            answers.merge(one.get(), 1, Integer::sum);
        }
        over.set(true);
        watching.get();
        attackers.shutdown();
        witnesses.shutdown();
        print(what, answers, began, waits);
    }

    private static void print(String what, Map<Object, Integer> answers, long began, List<Double> waits) {
        System.out.printf(
                Locale.ROOT,
                "%-44s %s in %.1f s; somebody else waited %.0f ms at the worst%n",
                what,
                answers,
                Shares.since(began) / 1e3,
                waits.stream().mapToDouble(Double::doubleValue).max().orElse(0));
    }

    private static Callable<Object> watch(Visitor witness, AtomicBoolean over, List<Double> waits) {
        return () -> {
            do {
                long asked = System.nanoTime();
                int status = witness.get("/").statusCode();
                waits.add(status == 200 ? Shares.since(asked) : Double.POSITIVE_INFINITY);
                Thread.sleep(50);
            } while (!over.get());
            return over;
        };
    }

    /** Readers that ask for the archive and then do not read. */
    private void stalled(Visitor witness) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        List<Double> waits = Collections.synchronizedList(new ArrayList<>());
        String cookie = member.cookie();
        List<Socket> sockets = new ArrayList<>();
        long began = System.nanoTime();
        for (int i = 0; i < 16; i++) {
            Socket socket =
                    new Socket(InetAddress.getLoopbackAddress(), Integer.parseInt(Served.setting("BENCH_PORT")));
            socket.setReceiveBufferSize(1024);
            socket.getOutputStream()
                    .write(("GET /exchange/archive.zip HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: " + cookie + "\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            sockets.add(socket);
        }
        ExecutorService witnesses = Executors.newSingleThreadExecutor();
        Future<?> watching = witnesses.submit(watch(witness, over, waits));
        Thread.sleep(15_000);
        over.set(true);
        watching.get();
        witnesses.shutdown();
        for (Socket socket : sockets) {
            socket.close();
        }
        print("sixteen stalled downloads of the archive", new TreeMap<>(), began, waits);
    }

    /** Somebody with a new, empty collection, into which an archive is read to its end. */
    private Visitor emptyCollection() throws IOException, InterruptedException {
        String name = "hostile-" + UUID.randomUUID();
        member.page("/account");
        member.post(
                "/account/people",
                Map.of(
                        "name", "Hostile",
                        "signIn", name,
                        "password", "a password of no use",
                        "collectionName", "Empty",
                        "hemisphere", "north"));
        return new Visitor().signIn(name, "a password of no use");
    }

    private String token() throws IOException, InterruptedException {
        member.page(stop);
        return Visitor.first(
                "<code>(ml_[\\w-]+)</code>",
                member.post(stop + "/sensors", Map.of("form", UUID.randomUUID().toString(), "name", "hostile"))
                        .body());
    }

    private HttpResponse<String> push(String token, BodyPublisher body) throws IOException, InterruptedException {
        HttpRequest.Builder request = member.to("/api/readings").header("Content-Type", "application/json");
        return member.send((token.isEmpty() ? request : request.header("Authorization", "Bearer " + token))
                .POST(body)
                .build());
    }

    private HttpResponse<String> photo(byte[] bytes) throws IOException, InterruptedException {
        return member.file(
                plant + "/photos",
                "file",
                BodyPublishers.ofByteArray(bytes),
                Map.of("form", UUID.randomUUID().toString(), "caption", ""));
    }

    /** A photo with grain, so that it is as large as a phone's. */
    private static byte[] photo(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Random grain = new Random(7);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                row[x] = (y * 255 / height << 16 | x * 255 / width << 8 | 90) ^ (grain.nextInt() & 0x070707);
            }
            image.setRGB(0, y, width, 1, row, 0, width);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }
}
