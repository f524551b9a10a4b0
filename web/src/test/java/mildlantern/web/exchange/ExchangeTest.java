package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Near;
import mildlantern.plant.PlantId;
import mildlantern.treatment.Style;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.RandomEntries;
import mildlantern.web.account.AccountService;
import mildlantern.web.demo.LoadedDemo;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What goes out comes in again; a table with mistakes changes nothing. */
@LanternTest
class ExchangeTest {
    @Autowired
    private CsvIn csvIn;

    @Autowired
    private CsvDrafts csvDrafts;

    @Autowired
    private CsvOut csvOut;

    @Autowired
    private ArchiveOut archiveOut;

    @Autowired
    private ArchiveIn archiveIn;

    @TempDir
    private Path folder;

    @Autowired
    private Growers growers;

    @Autowired
    private Houses collections;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private AccountService accounts;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private JsonMapper json;

    @Autowired
    private Clock clock;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private RecordWriter log;

    @Autowired
    private LoadedDemo loaded;

    private Growers.Grower grower;
    private CollectionId collection;

    private CollectionId demo() {
        loaded.load();
        return ((SignedIn) accounts.loadUserByUsername("keeper")).collection();
    }

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        collection = grower.member().collection();
    }

    private CsvIn.Preview preview(CsvColumns.What what, String text) throws CsvTable.Unreadable {
        return csvIn.preview(collection, csvDrafts.keep(collection, what, text), Map.of());
    }

    @Test
    void plantsComeInByTheNamesOfTheirColumns_andGoOutAgain() throws Exception {
        CsvIn.Preview table = preview(CsvColumns.What.PLANTS, """
                Species;Label;Location;Accession no.;Pot size;Mix;Repotted
                moth orchid;Gull;sill;T-1;12,5;bark;3.4.2025
                Nephrolepis exaltata;Wrack;Sill;T-2;17;peat mix;2025-06-01
                """);
        assertThat(table.problems()).filteredOn(problem -> problem.row() > 0).isEmpty();
        assertThat(table.match())
                .containsEntry("name", 1)
                .containsEntry("kind", 0)
                .containsEntry("medium", 5);
        CsvIn.Preview matched = csvIn.take(collection, table.draft(), Map.of("number", 3));
        assertThat(matched.whole()).isTrue();
        assertThat(csvIn.take(collection, table.draft(), Map.of("number", 3)).whole())
                .as("sent twice it has come in, and nothing is wrong")
                .isTrue();
        assertThat(plants.plants(collection))
                .extracting(Plant::name)
                .containsExactlyInAnyOrder("Limpet", "Gull", "Wrack");
        StringWriter out = new StringWriter();
        csvOut.plants(collection, out);
        assertThat(out.toString()).startsWith("\uFEFFname,number,kind,").contains("Gull,T-1,moth orchid", "12.5");
        assertThat(csvIn.takeBack(collection, table.draft())).isEqualTo(2);
        assertThat(plants.plants(collection)).extracting(Plant::name).containsExactly("Limpet");
    }

    @Test
    void aTableWithBadRowsIsToldRowByRow_andNothingOfItComesIn() throws Exception {
        CsvIn.Preview table = preview(CsvColumns.What.PLANTS, """
                name,kind,stop
                Gull,moth orchid,Sill
                Tern,triffid,Sill
                Auk,pothos,Cellar
                ,pothos,Sill
                """);
        assertThat(table.good()).isEqualTo(1);
        assertThat(table.problems())
                .extracting(CsvIn.Problem::row, CsvIn.Problem::words)
                .containsExactly(
                        tuple(3, "'triffid' is no kind that is known here."),
                        tuple(4, "There is no stop 'Cellar'."),
                        tuple(5, "It needs a name of 1 to 80 characters."));
        assertThat(csvIn.take(collection, table.draft(), Map.of()).whole()).isFalse();
        assertThat(plants.plants(collection)).hasSize(1);
    }

    private String exported(CollectionId of) throws Exception {
        StringWriter out = new StringWriter();
        csvOut.plants(of, out);
        return out.toString();
    }

    private static Map<String, String> mends(String... pairs) {
        Map<String, String> mends = new TreeMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            mends.put(pairs[i], pairs[i + 1]);
        }
        return mends;
    }

    @Test
    void namesAreReadAsGrowersWriteThem_andWhatIsNotKnownIsMendedOnThePage() throws Exception {
        CsvIn.Preview table = preview(CsvColumns.What.PLANTS, """
                name,species,stands at,pot,mix,pot cm
                Gull,Sarracenia flava,Sill,plastic pot,peat/perlite,12
                Tern,dendrobium,Cellar,clay,bark,1x
                Auk,Boston fern,Cellar,clay,bark,14
                """);
        assertThat(table.unknown())
                .extracting(CsvIn.Unknown::field, CsvIn.Unknown::written, CsvIn.Unknown::rows)
                .containsExactly(
                        tuple("medium", "peat/perlite", 1), tuple("stop", "Cellar", 2), tuple("kind", "dendrobium", 1));
        assertThat(table.unknown().get(2).choices())
                .extracting(CsvIn.Choice::read)
                .startsWith("dendrobium-nobile", "dendrobium-evergreen");
        csvDrafts.mend(
                collection,
                table.draft(),
                mends(
                        "value:medium:peat/perlite", "peat-perlite",
                        "value:stop:cellar", CsvMends.ADDED,
                        "value:kind:dendrobium", "dendrobium-nobile",
                        "cell:3:cm", "11"));
        assertThat(csvIn.take(collection, table.draft(), Map.of()).whole()).isTrue();
        assertThat(stops.walk(collection)).extracting(Stop::name).containsExactly("Sill", "Cellar");
        assertThat(plants.plants(collection))
                .filteredOn(plant -> !plant.name().equals("Limpet"))
                .extracting(Plant::name, Plant::profile)
                .containsExactlyInAnyOrder(
                        tuple("Gull", "sarracenia"), tuple("Tern", "dendrobium-nobile"), tuple("Auk", "boston-fern"));
    }

    @Test
    void aDayThatCanBeTwoIsAsked_unlessAnotherOfTheTableTells() throws Exception {
        String head = "name,kind,stop,came on\n";
        CsvIn.Preview asked = preview(CsvColumns.What.PLANTS, head + "Gull,pothos,Sill,12/03/2025\n");
        assertThat(asked.askDays()).contains("12/03/2025");
        assertThat(asked.whole()).isFalse();
        csvDrafts.mend(collection, asked.draft(), mends("days", "month"));
        CsvIn.Preview told = csvIn.preview(collection, asked.draft(), Map.of());
        assertThat(told.whole()).isTrue();
        assertThat(told.rows().get(0).words()).contains("acquired 3 Dec 2025");

        CsvIn.Preview clear = preview(
                CsvColumns.What.PLANTS,
                head + "Gull,pothos,Sill,12/03/2025\nTern,pothos,Sill,25/03/2025\nAuk,pothos,Sill,1/1/2025\n");
        assertThat(clear.whole()).isTrue();
        assertThat(clear.rows().get(0).words()).contains("acquired 12 Mar 2025");
    }

    @Test
    void whatIsHereAlreadyIsSeen_andComesInAgainOnlyWhenAsked() throws Exception {
        CsvIn.Preview again = preview(CsvColumns.What.PLANTS, exported(collection));
        assertThat(again.here()).isEqualTo(1);
        assertThat(again.problems()).isEmpty();
        assertThat(again.whole()).isFalse();
        csvDrafts.mend(collection, again.draft(), mends("doubles", "again"));
        assertThat(csvIn.take(collection, again.draft(), Map.of()).whole()).isTrue();
        assertThat(plants.plants(collection)).hasSize(2);
    }

    @Test
    void ourOwnTableHoldsNoCodes_andComesIntoAnotherCollection() throws Exception {
        CollectionId demo = demo();
        String table = exported(demo);
        assertThat(table).doesNotContainPattern("[a-z]+_[a-z]+,.*\\n.*soft_tap|[0-9a-f]{8}-[0-9a-f]{4}");
        assertThat(table.lines().skip(1)).noneMatch(line -> line.contains("_") || line.contains("peat-perlite"));
        CsvIn.Preview there = preview(CsvColumns.What.PLANTS, table);
        assertThat(there.unknown())
                .extracting(CsvIn.Unknown::field)
                .as("only places are not known elsewhere")
                .containsOnly("stop");
        Map<String, String> mends = new TreeMap<>();
        there.unknown().forEach(one -> mends.put(one.mend(), CsvMends.ADDED));
        csvDrafts.mend(collection, there.draft(), mends);
        CsvIn.Preview taken = csvIn.take(collection, there.draft(), Map.of());
        assertThat(taken.problems()).isEmpty();
        assertThat(plants.all(collection)).hasSize(taken.good() + 1);
        assertThat(plants.plants(collection))
                .as("what was lost stays lost")
                .hasSize(plants.plants(demo).size() + 1);
        assertThat(stops.walk(collection).stream().map(Stop::name))
                .containsAll(stops.walk(demo).stream().map(Stop::name).toList());
    }

    @Test
    void entriesComeInAsTheQuickFieldWouldReadThem() throws Exception {
        LocalDate today = LocalDate.now(clock);
        CsvIn.Preview table = preview(
                CsvColumns.What.LOG,
                "plant,date,what,ml,water,notes\n"
                        + "limpet," + today.minusDays(9) + ",watered,240,rain,soaked well\n"
                        + "limpet," + today.minusDays(4) + ",probe moist,,,\n"
                        + "limpet," + today.minusDays(2) + ",counted 4 leaves,,,\n"
                        + "limpet," + today.minusDays(1) + ",counted 5 leaves,,,\n");
        assertThat(table.problems()).isEmpty();
        csvIn.take(collection, table.draft(), Map.of());
        assertThat(logBook.entries(grower.plant()).stream().map(LogWords::said))
                .containsExactly(
                        "counted 5 leaves",
                        "counted 4 leaves",
                        "probed moist",
                        "watered 240 mL rain water soaked well");
        assertThat(plants.plant(collection, grower.plant().id()).leaves()).isEqualTo(5);
        csvIn.takeBack(collection, table.draft());
        assertThat(logBook.entries(grower.plant())).isEmpty();
        assertThat(plants.plant(collection, grower.plant().id()).leaves()).isEqualTo(6);
    }

    @Test
    void whatIsNoTableIsRefusedWithTheReason() {
        for (String text : List.of("", "   ", "name,kind,stop", "a\0b\nc\0d", "name,kind\n\"open,b\n")) {
            assertThatThrownBy(() -> csvDrafts.keep(collection, CsvColumns.What.PLANTS, text))
                    .isInstanceOf(CsvTable.Unreadable.class);
        }
    }

    @Test
    void noCellIsAFormulaForASpreadsheet_andItComesBackAsItWas() throws Exception {
        assertThat(CsvOut.cell("=1+1")).isEqualTo("'=1+1");
        assertThat(CsvTable.read("name\n'=1+1\n").rows()).containsExactly(List.of("=1+1"));
        assertThat(CsvOut.cell("fern")).isEqualTo("fern");
    }

    private byte[] written(CollectionId of) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        archiveOut.write(of, out);
        return out.toByteArray();
    }

    private CollectionId fresh() {
        CollectionId id = CollectionId.fresh();
        collections.make(id, "Harrow Quay Signal House", "north");
        return id;
    }

    private static Map<String, byte[]> files(byte[] zip) throws IOException {
        Map<String, byte[]> files = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private int take(CollectionId into, byte[] archive) throws Exception {
        return archiveIn.read(into, Files.write(folder.resolve(UUID.randomUUID() + ".zip"), archive));
    }

    @Test
    void anArchiveTakenIntoAnEmptyCollectionGivesTheSameArchive() throws Exception {
        CollectionId demo = demo();
        byte[] first = written(demo);
        CollectionId other = fresh();
        assertThat(take(other, first)).isGreaterThanOrEqualTo(46);
        Map<String, byte[]> before = files(first);
        Map<String, byte[]> after = files(written(other));
        assertThat(after.keySet()).isEqualTo(before.keySet());
        assertThat(lines(after)).containsExactlyElementsOf(lines(before));
        assertThat(count("happening", other))
                .isEqualTo(count("happening", demo))
                .isGreaterThan(5000);
        assertThat(count("plant_upkeep", other)).isEqualTo(count("plant_upkeep", demo));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void whateverWasWrittenTravelsWithAnArchive(long seed) throws Exception {
        Random chance = new Random(seed);
        List<StopId> places = List.of(
                grower.stop().id(),
                stops.store(new Stop(StopId.fresh(), collection, 2, "Porch, \"south\"")
                                .noted("draughty: keep \\ shut")
                                .airflow(AirMovement.MOVING, 1.5, true, EnumSet.of(Near.HEATER, Near.DOOR_DRAUGHT)))
                        .id());
        for (Plant plant : List.of(grower.plant(), growers.plant(collection, grower.stop(), "Möwe, die 2."))) {
            for (LogEntry entry : new RandomEntries(chance, places).some(12)) {
                log.write(
                        collection,
                        plant.id(),
                        FormKey.fresh(),
                        LocalDate.now(clock).minusDays(chance.nextInt(90)),
                        List.of(new RecordWriter.Line(
                                entry, chance.nextBoolean() ? "=1+1; \t plant-1 \u2014 wet" : null)));
            }
        }
        byte[] first = written(collection);
        CollectionId other = fresh();
        assertThat(take(other, first)).isEqualTo(2);
        assertThat(lines(files(written(other))))
                .filteredOn(line -> !line.contains("\"name\" : \"Harrow"))
                .containsExactlyElementsOf(lines(files(first)).stream()
                        .filter(line ->
                                !line.contains("\"name\" : \"" + grower.member().collectionName()))
                        .toList());
    }

    /** A case decided on mites, with its course begun, a neighbour asked for and a product of one's own. */
    private void aCourse() throws Exception {
        growers.plant(collection, grower.stop(), "Barnacle");
        String plant = "/plants/" + grower.plant().id();
        String address = mvc.perform(mine(post(plant + "/cases")))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        mvc.perform(mine(post(address + "/decide"))
                        .param("version", "0")
                        .param("cause", "spider-mites")
                        .param("trial", "wash-and-soap-mites")
                        .param("lookAgainOn", LocalDate.now(clock).plusDays(6).toString())
                        .param("note", "seen with the lens"))
                .andExpect(status().is3xxRedirection());
        String course = mvc.perform(mine(post(address + "/course"))
                        .param("style", "LIVING")
                        .param("cause", "spider-mites")
                        .param("house", "true"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        mvc.perform(mine(post(course + "/contacts"))).andExpect(status().is3xxRedirection());
        mvc.perform(mine(post("/products"))
                        .param("name", "Quay soap")
                        .param("means", "soap")
                        .param("ingredient", "potassium salts, 10 %")
                        .param("most", "15"))
                .andExpect(status().is3xxRedirection());
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member()))
                .with(csrf())
                .param("form", UUID.randomUUID().toString());
    }

    @Test
    void coursesProductsAndStyleTravelWithTheArchive() throws Exception {
        aCourse();
        byte[] first = written(collection);
        assertThat(count("course", collection)).isEqualTo(1);
        assertThat(count("contact_look", collection)).isEqualTo(1);
        assertThat(count("own_product", collection)).isEqualTo(1);
        CollectionId other = CollectionId.fresh();
        collections.make(other, collections.named(collection), "north");
        take(other, first);
        assertThat(lines(files(written(other)))).containsExactlyElementsOf(lines(files(first)));
        assertThat(collections.style(other)).isEqualTo(Style.LIVING);
    }

    private static List<String> lines(Map<String, byte[]> files) {
        return new String(Objects.requireNonNull(files.get("collection.json")), StandardCharsets.UTF_8)
                .lines()
                .toList();
    }

    private int count(String table, CollectionId of) {
        return jdbc.sql("select count(*) from " + table + " where collection_id = ?")
                .param(of.value())
                .query(Integer.class)
                .single();
    }

    @Test
    void theSchemaNamesEveryFieldOfAnArchive() throws Exception {
        CollectionId demo = demo();
        JsonNode content = json.readTree(files(written(demo)).get("collection.json"));
        JsonNode schema;
        try (InputStream in = getClass().getResourceAsStream("/static/exchange/archive.schema.json")) {
            schema = json.readTree(in);
        }
        List<String> unknown = new ArrayList<>();
        content.properties().forEach(part -> {
            JsonNode described = schema.path("properties").path(part.getKey());
            if (described.isMissingNode()) {
                unknown.add(part.getKey());
            }
            for (JsonNode row : part.getValue()) {
                row.propertyNames().stream()
                        .filter(name -> described
                                .path("items")
                                .path("properties")
                                .path(name)
                                .isMissingNode())
                        .forEach(name -> unknown.add(part.getKey() + "." + name));
            }
        });
        assertThat(unknown).isEmpty();
    }

    @Test
    void anArchiveIsTakenWholeOrNotAtAll() throws Exception {
        assertThatThrownBy(() -> take(collection, new byte[] {1, 2, 3}))
                .isInstanceOf(ArchiveIn.Unreadable.class)
                .hasMessageContaining("not empty");
        CollectionId empty = fresh();
        assertThatThrownBy(() -> take(empty, "no zip".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(ArchiveIn.Unreadable.class);
        for (String content : List.of(
                "{\"format\":\"other\"}",
                "{\"format\":\"mild-lantern-archive\",\"version\":9}",
                "{\"format\":\"mild-lantern-archive\",\"version\":1,\"stop\":[{\"key\":\"stop-1\",\"colour\":\"red\"}]}",
                "{\"format\":\"mild-lantern-archive\",\"version\":1,\"stop\":[{\"key\":\"stop-1\",\"name\":\"Sill\",\"position\":1,"
                        + "\"near\":\"\",\"isolation\":false}],\"plant\":[{\"key\":\"plant-1\",\"stop_id\":\"stop-7\"}]}")) {
            ByteArrayOutputStream zip = new ByteArrayOutputStream();
            try (ZipOutputStream out = new ZipOutputStream(zip)) {
                out.putNextEntry(new ZipEntry("collection.json"));
                out.write(content.getBytes(StandardCharsets.UTF_8));
            }
            assertThatThrownBy(() -> take(empty, zip.toByteArray()))
                    .as(content)
                    .isInstanceOf(ArchiveIn.Unreadable.class);
            assertThat(stops.walk(empty)).isEmpty();
        }
    }

    @Test
    void theLogAsATableHasARowAnEntry() throws Exception {
        CollectionId demo = demo();
        StringWriter out = new StringWriter();
        csvOut.log(demo, out);
        try (CSVParser parser = CSVParser.parse(out.toString().substring(1), CSVFormat.EXCEL)) {
            List<Integer> widths =
                    parser.stream().map(row -> row.size()).distinct().toList();
            assertThat(widths).hasSize(1);
            assertThat(parser.getRecordNumber()).isEqualTo(count("happening", demo) + 1L);
        }
    }

    @Test
    void plantsOfOneNameKeepTheirOrderInEveryDatabase() throws Exception {
        for (int i = 0; i < 12; i++) {
            PlantId plant = growers.plant(collection, grower.stop(), "Limpet").id();
            log.write(
                    collection,
                    plant,
                    FormKey.fresh(),
                    LocalDate.now(clock),
                    List.of(RecordWriter.Line.of(LogEntry.Watered.of(100 + i))));
        }
        byte[] first = written(collection);
        CollectionId other = CollectionId.fresh();
        collections.make(other, collections.named(collection), "north");
        take(other, first);
        assertThat(lines(files(written(other)))).containsExactlyElementsOf(lines(files(first)));
    }
}
