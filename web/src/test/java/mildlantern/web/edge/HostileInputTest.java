package mildlantern.web.edge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.Visit;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plants;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Whatever is sent, by strangers or by those who are signed in, is refused with a sentence, and never as our fault. */
@LanternTest
class HostileInputTest {
    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private Visit visit;
    private String plant;

    @BeforeEach
    void somebodySignedIn() throws Exception {
        grower = growers.grower();
        visit = new Visit(port, grower);
        plant = "/plants/" + grower.plant().id();
        visit.open(plant);
    }

    private static void isRefused(HttpResponse<String> answer, int... statuses) {
        assertThat(statuses).as(answer.body()).contains(answer.statusCode());
        assertThat(answer.body()).doesNotContain("Exception", "at mildlantern");
    }

    private static void isProblem(HttpResponse<String> answer, int status) {
        isRefused(answer, status);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(answer.body()).contains("\"status\":" + status);
    }

    // ------------------------------------------------------------------ the address for sensors

    private String token() throws Exception {
        String stop = "/stops/" + grower.stop().id();
        visit.open(stop);
        String page = visit.form(stop + "/sensors", "form=" + UUID.randomUUID() + "&name=shelf")
                .body();
        // In its own element: the secret in a form is as random, and may hold the same three signs.
        Matcher token = Pattern.compile("<code>(ml_[\\w-]+)</code>").matcher(page);
        assertThat(token.find()).isTrue();
        return token.group(1);
    }

    private HttpResponse<String> push(Visit by, String token, HttpRequest.BodyPublisher body) throws Exception {
        HttpRequest.Builder request = by.to("/api/readings").header("Content-Type", "application/json");
        return by.send((token.isEmpty() ? request : request.header("Authorization", "Bearer " + token))
                .POST(body)
                .build());
    }

    /** Sent in pieces, without saying how long it is. */
    private static HttpRequest.BodyPublisher endless(long bytes) {
        return BodyPublishers.ofInputStream(() -> new InputStream() {
            private long left = bytes;

            @Override
            public int read() {
                return left-- > 0 ? ' ' : -1;
            }

            @Override
            public int read(byte[] to, int from, int length) {
                if (left <= 0) {
                    return -1;
                }
                int some = (int) Math.min(left, length);
                Arrays.fill(to, from, from + some, (byte) ' ');
                left -= some;
                return some;
            }
        });
    }

    @Test
    void nothingOfAStrangersIsRead() throws Exception {
        isProblem(push(new Visit(port), "", endless(40L << 20)), 401);
        isProblem(push(new Visit(port), "ml_made_up", endless(40L << 20)), 401);
    }

    @Test
    void aSensorThatSendsTooMuchIsToldHowMuch() throws Exception {
        isProblem(push(visit, token(), endless((4L << 20) + 1)), 413);
        isProblem(push(visit, token(), BodyPublishers.ofByteArray(new byte[6 << 20])), 413);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "7",
                "[]",
                "[7]",
                "{\"at\":\"2026-05-01T00:00:00Z\"}",
                "{\"at\":\"2026-05-01T00:00:00Z\",\"celsius\":\"NaN\"}",
                "{\"at\":\"2026-05-01T00:00:00Z\",\"celsius\":NaN}",
                "{\"at\":\"0001-01-01T00:00:00Z\",\"celsius\":20}",
                "{\"at\":\"9999-12-31T00:00:00Z\",\"celsius\":20}",
                "{\"at\":\"+999999999-12-31T00:00:00Z\",\"celsius\":20}",
                "{\"at\":\"2026-05-01T00:00:00Z\",\"celsius\":20,\"__proto__\":1}",
                "{\"at\":\"2026-05-01T00:00:00Z\",\"celsius\":{\"a\":1}}",
                "<readings/>"
            })
    void whatIsNoReadingIsAProblemDocument(String body) throws Exception {
        isProblem(push(visit, token(), BodyPublishers.ofString(body)), 422);
    }

    @Test
    void nestingAHundredThousandDeepIsNoJson() throws Exception {
        isProblem(push(visit, token(), BodyPublishers.ofString("[".repeat(100_000))), 422);
    }

    @Test
    void sixtyFourWhoPushToOneSensorAtOnceAreAllServed() throws Exception {
        String token = token();
        List<Integer> answers = AtOnce.each(64, i -> () -> {
            String body =
                    "{\"at\":\"%s\",\"celsius\":20}".formatted(clock.instant().minusSeconds(600L * i));
            return push(new Visit(port), token, BodyPublishers.ofString(body)).statusCode();
        });
        assertThat(answers).containsOnly(200);
        assertThat(jdbc.sql("select count(*) from raw_reading where collection_id = ?")
                        .param(grower.member().collection().value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(64);
    }

    @Test
    void tenThousandReadingsAtOnceAreTaken_andOneMoreIsTooMany() throws Exception {
        String token = token();
        StringBuilder readings = new StringBuilder();
        for (int i = 0; i < 10_000; i++) {
            readings.append("{\"at\":\"%s\",\"celsius\":20.5},"
                    .formatted(clock.instant().minusSeconds(600L * i)));
        }
        String one = "{\"at\":\"2026-01-01T00:00:00Z\",\"celsius\":20}";
        isProblem(push(visit, token, BodyPublishers.ofString("[" + readings + one + "]")), 422);
        HttpResponse<String> answer =
                push(visit, token, BodyPublishers.ofString("[" + readings.substring(0, readings.length() - 1) + "]"));
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
        assertThat(answer.body()).contains("\"stored\":10000");
    }

    // ------------------------------------------------------------------ forms

    @Test
    void aFormOfMegabytesIsRefusedBeforeItIsRead() throws Exception {
        isRefused(visit.form(plant + "/cases", "x=" + "a".repeat(5 << 20)), 413);
    }

    @Test
    void aFormOfThousandsOfFieldsIsTheSendersMistake() throws Exception {
        isRefused(visit.form("/quick", "a=1&".repeat(12_000)), 400, 413);
    }

    @ParameterizedTest
    @ValueSource(strings = {"line=limpet%00fern", "line=%ff%fe", "line=%zz", "%00=1"})
    void signsThatNoTextHoldsAreTheSendersMistake(String fields) throws Exception {
        HttpResponse<String> answer = visit.form("/quick", fields + "&form=" + UUID.randomUUID());
        isRefused(answer, 400, 422);
    }

    @ParameterizedTest
    @ValueSource(strings = {"NaN", "Infinity", "1e400", "0x1p3", "-1e9", "٣"})
    void whatOnlyProgramsWriteIsNoNumber(String number) throws Exception {
        isRefused(
                visit.form(
                        "/stops/" + grower.stop().id() + "/readings",
                        "form=" + UUID.randomUUID() + "&onDay=2026-11-20&humidity=" + Visit.encoded(number)),
                422);
        HttpResponse<String> shifted =
                visit.form(plant + "/shift", "form=" + UUID.randomUUID() + "&y=3&x=" + Visit.encoded(number));
        assertThat(shifted.statusCode()).isLessThan(500);
        assertThat(this.plants
                        .plant(grower.member().collection(), grower.plant().id())
                        .planX())
                .isNull();
    }

    @Test
    void aTextAsLongAsABookIsRefused_andWhatIsThereStays() throws Exception {
        String book = "a".repeat(200_000);
        for (String field : List.of("name", "cultivar", "accession", "source")) {
            isRefused(
                    visit.form(
                            plant,
                            "form=" + UUID.randomUUID() + "&version=0&profile=phalaenopsis&medium=bark&stop="
                                    + grower.stop().id() + (field.equals("name") ? "" : "&name=Limpet") + "&" + field
                                    + "=" + book),
                    422);
        }
        isRefused(visit.form("/quick", "form=" + UUID.randomUUID() + "&line=limpet:+" + book), 422);
        HttpResponse<String> reason = visit.form(
                "/round/deeds",
                "form=%s&plant=%s&stop=%s&deed=NOT_TODAY&reason=%s"
                        .formatted(
                                UUID.randomUUID(),
                                grower.plant().id(),
                                grower.stop().id(),
                                book));
        assertThat(reason.statusCode()).isLessThan(500);
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "GET, /sign-out, text/html, '', 405",
        "DELETE, /plants, text/html, '', 405",
        "POST, /exchange/archive, text/html, text/plain, 400",
        "POST, /exchange/archive, text/html, application/x-www-form-urlencoded, 400",
        "GET, /collection, image/png, '', 406",
        "GET, /round/slips/none, application/json, '', 404",
        "GET, /nowhere, application/json, '', 404"
    })
    void askedInAWrongWay(String method, String address, String accept, String type, int status) throws Exception {
        HttpRequest.Builder request =
                visit.to(address).header("Accept", accept).method(method, BodyPublishers.ofString(""));
        HttpResponse<String> answer =
                visit.send((type.isEmpty() ? request : request.header("Content-Type", type)).build());
        if (accept.contains("json")) {
            isProblem(answer, status);
        } else {
            // A page is what it is, whatever was asked for.
            isRefused(answer, status, 404, 200);
        }
    }

    @Test
    void aProgramWithoutASessionIsToldSoInItsOwnFormat() throws Exception {
        Visit stranger = new Visit(port);
        isProblem(
                stranger.send(stranger.to("/mixing/drench")
                        .header("Accept", "application/json")
                        .build()),
                401);
    }

    @ParameterizedTest
    @ValueSource(strings = {"%00", "AAAA", "../../etc", "'; drop table plant; --", "\u00e9"})
    void aCookieThatIsNoSessionOfOursIsNone(String value) throws Exception {
        for (String cookie :
                List.of(value, Base64.getEncoder().encodeToString(("\0" + value).getBytes(StandardCharsets.UTF_8)))) {
            HttpResponse<String> answer = new Visit(port)
                    .send(new Visit(port)
                            .to("/sign-in")
                            .header("Cookie", "lantern=" + cookie.replaceAll("[^\\x21-\\x7e]", "x"))
                            .build());
            isRefused(answer, 200, 400);
        }
    }

    @Test
    void theHostThatSomebodyNamesIsNotWhereAnybodyIsSent() throws Exception {
        try (var socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream()
                    .write("GET / HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).contains("302").doesNotContain("elsewhere");
        }
    }

    @Test
    void behindTlsCookiesAreSecure_andOtherNamesOfTheHostAreLeftAlone() throws Exception {
        Visit stranger = new Visit(port);
        HttpResponse<String> answer = stranger.send(
                stranger.to("/sign-in").header("X-Forwarded-Proto", "https").build());
        assertThat(answer.headers().firstValue("Set-Cookie").orElse("")).contains("Secure", "HttpOnly", "SameSite=Lax");
        assertThat(answer.headers().firstValue("Strict-Transport-Security").orElse(""))
                .contains("max-age")
                .doesNotContain("includeSubDomains");
    }

    // ------------------------------------------------------------------ pictures

    private HttpResponse<String> photo(byte[] bytes) throws Exception {
        visit.open(plant);
        return visit.file(
                plant + "/photos",
                "file",
                "leaf.jpg",
                bytes,
                "form",
                UUID.randomUUID().toString());
    }

    private static byte[] chunk(String type, byte[] data) throws Exception {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write(type.getBytes(StandardCharsets.US_ASCII));
        body.write(data);
        CRC32 check = new CRC32();
        check.update(body.toByteArray());
        ByteArrayOutputStream chunk = new ByteArrayOutputStream();
        chunk.write(ByteBuffer.allocate(4).putInt(data.length).array());
        chunk.write(body.toByteArray());
        chunk.write(ByteBuffer.allocate(4).putInt((int) check.getValue()).array());
        return chunk.toByteArray();
    }

    private static byte[] deflated(long zeros) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
            byte[] some = new byte[1 << 16];
            for (long left = zeros; left > 0; left -= some.length) {
                deflater.write(some, 0, (int) Math.min(left, some.length));
            }
        }
        return out.toByteArray();
    }

    private static byte[] png(int width, int height, byte[] pixels, byte[]... chunks) throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        png.write(chunk(
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(width)
                        .putInt(height)
                        .put(new byte[] {8, 2, 0, 0, 0})
                        .array()));
        for (byte[] more : chunks) {
            png.write(more);
        }
        png.write(chunk("IDAT", pixels));
        png.write(chunk("IEND", new byte[0]));
        return png.toByteArray();
    }

    @Test
    void aPictureThatSaysItIsHugeIsRefusedUnread() throws Exception {
        isRefused(photo(png(60_000, 60_000, deflated(1 << 20))), 422);
        isRefused(photo(png(Integer.MAX_VALUE, 1, deflated(1 << 20))), 422);
    }

    @Test
    void aTextInAPictureThatUnpacksToHundredsOfMegabytesIsNotUnpacked() throws Exception {
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(StandardCharsets.US_ASCII));
        text.write(deflated(300L << 20));
        HttpResponse<String> answer = photo(png(8, 8, deflated(8 * 25), chunk("zTXt", text.toByteArray())));
        assertThat(answer.statusCode()).as("the picture itself is fine").isEqualTo(200);
        assertThat(logBook.entries(grower.plant())).hasSize(1);
    }

    @Test
    void scriptsThatPretendToBePicturesAreRefused() throws Exception {
        for (String pretending : List.of(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" onload=\"alert(1)\"/>",
                "<!DOCTYPE html><script>alert(1)</script>",
                "GIF89a/*<script>*/=1;alert(1)//",
                "\u00ff\u00d8\u00ff\u00e0<script>alert(1)</script>",
                "RIFF\0\0\0\0WEBPVP8 ",
                "BM")) {
            isRefused(photo(pretending.getBytes(StandardCharsets.ISO_8859_1)), 422);
        }
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    // ------------------------------------------------------------------ archives

    private static byte[] zip(String... namesAndContents) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < namesAndContents.length; i += 2) {
                zip.putNextEntry(new ZipEntry(namesAndContents[i]));
                zip.write(namesAndContents[i + 1].getBytes(StandardCharsets.UTF_8));
            }
        }
        return out.toByteArray();
    }

    private static final String HEAD = "{\"format\":\"mild-lantern-archive\",\"version\":1,";
    private static final String STOP =
            "\"stop\":[{\"key\":\"stop-1\",\"name\":\"Sill\",\"position\":1,\"near\":\"\",\"isolation\":false}],";
    private static final String PLANT = "\"plant\":[{\"key\":\"plant-1\",\"stop_id\":\"stop-1\",\"name\":\"Fern\","
            + "\"profile\":\"boston-fern\",\"stage\":\"ADULT\",\"pot_kind\":\"CLAY\",\"medium\":\"peat-mix\",\"place_on_stop\":0,\"leaves\":1,\"growths\":0,\"offsets\":0,\"flowers\":0,\"buds\":0}]";

    private HttpResponse<String> archive(byte[] bytes) throws Exception {
        Growers.Newcomer newcomer = growers.newcomer();
        visit = new Visit(port);
        visit.signIn(newcomer.signIn(), Growers.PASSWORD);
        visit.open("/exchange");
        HttpResponse<String> answer = visit.file("/exchange/archive", "file", "archive.zip", bytes);
        if (answer.statusCode() != 200) {
            assertThat(stops.walk(newcomer.collection()))
                    .as("nothing of it was taken")
                    .isEmpty();
        }
        return answer;
    }

    @Test
    void aSoundArchiveComesIn() throws Exception {
        String page = archive(zip("collection.json", HEAD + STOP + PLANT + "}")).body();
        assertThat(page.substring(page.indexOf("<main"))).contains("One plant came in");
    }

    @Test
    void anArchiveThatUnpacksToHundredsOfMegabytesIsReadInPassing() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("collection.json"));
            zip.write(HEAD.getBytes(StandardCharsets.UTF_8));
            byte[] spaces = new byte[1 << 20];
            Arrays.fill(spaces, (byte) ' ');
            for (int i = 0; i < 700; i++) {
                zip.write(spaces);
            }
        }
        assertThat(out.size()).isLessThan(1 << 20);
        isRefused(archive(out.toByteArray()), 422);
    }

    @Test
    void aRowOrATextLargerThanAnyIsRefused() throws Exception {
        StringBuilder wide = new StringBuilder("\"stop\":[{\"key\":\"stop-1\"");
        for (int i = 0; i < 5000; i++) {
            wide.append(",\"f").append(i).append("\":1");
        }
        isRefused(archive(zip("collection.json", HEAD + wide + "}]}")), 422);
        isRefused(
                archive(zip("collection.json", HEAD + STOP.replace("Sill", "a".repeat(2_000_000)) + PLANT + "}")), 422);
        isRefused(archive(zip("collection.json", HEAD + "\"stop\":" + "[".repeat(5000))), 422);
    }

    static Stream<Arguments> rowsWithUnknownWords() {
        return Stream.of(
                Arguments.of(
                        "EATEN",
                        "\"happening\":[{\"key\":\"entry-1\",\"plant_id\":\"plant-1\",\"kind\":\"EATEN\",\"on_day\":\"2026-01-01\",\"written_at\":\"2026-01-01T00:00:00Z\"}]"),
                Arguments.of(
                        "names no",
                        "\"happening\":[{\"key\":\"entry-1\",\"plant_id\":\"plant-1\",\"kind\":\"UNDONE\",\"on_day\":\"2026-01-01\",\"written_at\":\"2026-01-01T00:00:00Z\",\"undoes\":\"7f6f0f3e-3a36-4a0e-9d0f-111111111111\"}]"),
                Arguments.of(
                        "lava",
                        "\"happening\":[{\"key\":\"entry-1\",\"plant_id\":\"plant-1\",\"kind\":\"REPOTTED\",\"medium\":\"lava\",\"on_day\":\"2026-01-01\",\"written_at\":\"2026-01-01T00:00:00Z\"}]"),
                Arguments.of(
                        "MUSIC",
                        "\"care_entry\":[{\"key\":\"care-1\",\"plant_id\":\"plant-1\",\"setting\":\"MUSIC\",\"text\":\"a\",\"reason\":\"b\",\"since\":\"2026-01-01\",\"written_at\":\"2026-01-01T00:00:00Z\"}]"),
                Arguments.of(
                        "WINE",
                        "\"own_water\":[{\"key\":\"water-1\",\"source\":\"WINE\",\"conductivity\":1,\"read_on\":\"2026-01-01\"}]"),
                Arguments.of(
                        "hammer",
                        "\"own_product\":[{\"key\":\"product-1\",\"name\":\"x\",\"means\":\"hammer\",\"ingredient\":\"x\",\"most_amount\":1,\"measure\":\"MILLILITRE\",\"carrier\":\"LITRE\",\"not_on\":\"\"}]"),
                Arguments.of(
                        "singing",
                        "\"trouble_case\":[{\"key\":\"case-1\",\"plant_id\":\"plant-1\",\"state\":\"LOOKING\",\"visit\":1,\"opened_on\":\"2026-01-01\",\"overruled\":false}],"
                                + "\"case_answer\":[{\"key\":\"answer-1\",\"case_id\":\"case-1\",\"visit\":1,\"finding\":\"leaf.singing\",\"state\":\"present\",\"part\":\"LEAF\",\"pin\":1,\"on_day\":\"2026-01-01\"}]"));
    }

    @ParameterizedTest
    @MethodSource("rowsWithUnknownWords")
    void rowsWithWordsThatNobodyKnowsAreRefused(String word, String rows) throws Exception {
        HttpResponse<String> answer = archive(zip("collection.json", HEAD + STOP + PLANT + "," + rows + "}"));
        isRefused(answer, 422);
        assertThat(answer.body().substring(answer.body().indexOf("class=\"wrong\"")))
                .contains(word);
    }

    @Test
    void aPageThatPretendsToBeAPhotoOfAnArchiveIsRefused() throws Exception {
        String photo =
                ",\"photo\":[{\"key\":\"photo-1\",\"plant_id\":\"plant-1\",\"taken_on\":\"2026-01-01\",\"caption\":\"\",\"media_type\":\"text/html\"}]}";
        isRefused(
                archive(zip(
                        "collection.json",
                        HEAD + STOP + PLANT + photo,
                        "photos/photo-1.jpg",
                        "<script src=/webjars/htmx.org/2.0.10/dist/htmx.min.js></script>")),
                422);
    }

    @Test
    void namesThatLeadElsewhereLeadNowhere() throws Exception {
        isRefused(archive(zip("../../../tmp/lantern-was-here", "x", "/etc/lantern-was-here", "x")), 422);
        assertThat(Path.of("/tmp/lantern-was-here")).doesNotExist();
        isRefused(archive("no zip at all".getBytes(StandardCharsets.UTF_8)), 422);
        isRefused(archive(new ByteArrayInputStream(new byte[100]).readAllBytes()), 422);
    }

    // ------------------------------------------------------------------ tables

    private HttpResponse<String> table(String what, String text) throws Exception {
        visit.open("/exchange");
        return visit.file("/exchange/tables", "file", "t.csv", text.getBytes(StandardCharsets.UTF_8), "what", what);
    }

    @Test
    void tablesThatAreNoneAreRefusedWithASentence() throws Exception {
        isRefused(table("PLANTS", "a,".repeat(200_000) + "\n" + "b,".repeat(200_000)), 422);
        isRefused(table("PLANTS", "\0\0\0"), 422);
        isRefused(table("PLANTS", "name,kind\n\"open"), 422);
        isRefused(table("PLANTS", "name\n" + "x\n".repeat(30_000)), 422);
        isRefused(table("NOTHING", "name,kind\nx,y"), 404);
    }

    @Test
    void aNoteLongerThanALineIsToldAtItsRow() throws Exception {
        String page = table("LOG", "plant,day,what,words\nLimpet,2026-11-20,looked," + "a".repeat(3000) + "\n")
                .body();
        assertThat(page).contains("letters");
    }

    @Test
    void aNameThatASpreadsheetWouldRunGoesOutAsText() throws Exception {
        jdbc.sql("update plant set name = ?, source = ? where id = ?")
                .params(
                        "=HYPERLINK(\"http://elsewhere\")",
                        "@SUM(1)",
                        grower.plant().id().value())
                .update();
        String plants = visit.send(visit.to("/exchange/plants.csv").build()).body();
        assertThat(plants).contains("'=HYPERLINK").contains("'@SUM").doesNotContain(",=HYPERLINK", ",@SUM");
    }

    @Test
    void aLoggersTableThatIsNoneIsRefused() throws Exception {
        String stop = "/stops/" + grower.stop().id();
        visit.open(stop);
        for (String text : List.of(
                "a,".repeat(2_000_000),
                "time,temp (C)\n" + "2026-05-01 00:00,NaN\n".repeat(100),
                "time,temp (C)\n2099-01-01 00:00,20\n")) {
            isRefused(
                    visit.file(
                            stop + "/tables",
                            "table",
                            "t.csv",
                            text.getBytes(StandardCharsets.UTF_8),
                            "form",
                            UUID.randomUUID().toString()),
                    422);
        }
        isRefused(
                visit.file(
                        stop + "/tables",
                        "table",
                        "t.csv",
                        "time,temp (C)\n2026-05-01 00:00,20\n".getBytes(StandardCharsets.UTF_8),
                        "form",
                        UUID.randomUUID().toString(),
                        "zone",
                        "Mars/Olympus"),
                422);
    }

    @Test
    void theSessionIsRenewedAtTheSignIn() throws Exception {
        Visit stranger = new Visit(port);
        stranger.open("/sign-in");
        String before = session(stranger);
        stranger.signIn(grower.signIn(), Growers.PASSWORD);
        assertThat(session(stranger)).isNotEqualTo(before);
    }

    private static String session(Visit of) {
        return of.cookies().getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("lantern"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }
}
