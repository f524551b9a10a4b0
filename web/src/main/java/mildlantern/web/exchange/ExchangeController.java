package mildlantern.web.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Gates;
import mildlantern.web.edge.Spooled;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.UploadedText;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Wording;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Bringing in and giving out. */
@Controller
class ExchangeController {
    private static final Pattern MEND =
            Pattern.compile("days|doubles|cell:\\d{1,6}:[a-z]+|value:[a-z]+:.+", Pattern.DOTALL);
    private static final int MOST_MEND = 400;

    private final CsvIn csvIn;
    private final CsvOut csvOut;
    private final ArchiveOut archiveOut;
    private final ArchiveIn archiveIn;
    private final Gates gates;
    private final Clock clock;
    private final CsvDrafts csvDrafts;

    ExchangeController(
            CsvIn csvIn,
            CsvOut csvOut,
            ArchiveOut archiveOut,
            ArchiveIn archiveIn,
            Gates gates,
            Clock clock,
            CsvDrafts csvDrafts) {
        this.csvIn = csvIn;
        this.csvOut = csvOut;
        this.archiveOut = archiveOut;
        this.archiveIn = archiveIn;
        this.gates = gates;
        this.clock = clock;
        this.csvDrafts = csvDrafts;
    }

    @GetMapping("/exchange")
    String page() {
        return "exchange/exchange";
    }

    @GetMapping("/exchange/plants.csv")
    void plants(@AuthenticationPrincipal SignedIn member, HttpServletResponse response) throws IOException {
        send(
                response,
                "text/csv;charset=UTF-8",
                "plants",
                ".csv",
                out -> table(out, writer -> csvOut.plants(member.collection(), writer)));
    }

    @GetMapping("/exchange/log.csv")
    void log(@AuthenticationPrincipal SignedIn member, HttpServletResponse response) throws IOException {
        send(
                response,
                "text/csv;charset=UTF-8",
                "log",
                ".csv",
                out -> table(out, writer -> csvOut.log(member.collection(), writer)));
    }

    @GetMapping("/exchange/archive.zip")
    @ForRole(Role.KEEPER)
    void archive(@AuthenticationPrincipal SignedIn member, HttpServletResponse response) throws IOException {
        send(response, "application/zip", "mild-lantern", ".zip", out -> archiveOut.write(member.collection(), out));
    }

    private interface Table {
        void to(Writer out) throws IOException;
    }

    private static void table(OutputStream out, Table table) throws IOException {
        try (Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8)) {
            table.to(writer);
        }
    }

    /** Made whole before it is sent: a reader that stalls then holds a file and no place at the database. */
    private void send(HttpServletResponse response, String type, String name, String ending, Spooled.Writing writing)
            throws IOException {
        try (Spooled made = gates.exports().behind(() -> Spooled.of(writing))) {
            response.setContentType(type);
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment()
                            .filename(name + "-" + LocalDate.now(clock) + ending)
                            .build()
                            .toString());
            response.setContentLengthLong(Files.size(made.path()));
            Files.copy(made.path(), response.getOutputStream());
        }
    }

    @PostMapping("/exchange/archive")
    @ForRole(Role.OWNER)
    String takeArchive(@AuthenticationPrincipal SignedIn member, @RequestParam MultipartFile file, Reply reply)
            throws IOException {
        try (Spooled sent = Spooled.of(file)) {
            int plants = gates.archives().behind(() -> archiveIn.read(member.collection(), sent.path()));
            reply.put(
                    "done",
                    plants == 1
                            ? Wording.say("exchange.exchange-controller.one-plant-came-record")
                            : Wording.say("exchange.exchange-controller.plants-came-their-records", plants));
        } catch (ArchiveIn.Unreadable e) {
            reply.wrong();
            reply.put("archiveProblem", String.valueOf(e.getMessage()));
        }
        return "exchange/exchange";
    }

    /** Takes a table in to be looked at; nothing of it is stored as plants or entries yet. */
    @PostMapping("/exchange/tables")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam CsvColumns.What what,
            @RequestParam MultipartFile file,
            Reply reply)
            throws IOException {
        try {
            if (file.getSize() > BodyLimits.TABLE) {
                throw new CsvTable.Unreadable(Wording.say("exchange.exchange-controller.table-larger-than-5"));
            }
            BatchId draft = gates.tables()
                    .behind(() -> csvDrafts.keep(member.collection(), what, UploadedText.of(Spooled.bytes(file))));
            return "redirect:/exchange/tables/" + draft;
        } catch (CsvTable.Unreadable e) {
            reply.wrong();
            reply.put("tableProblem", String.valueOf(e.getMessage()));
            return "exchange/exchange";
        }
    }

    @GetMapping("/exchange/tables/{id}")
    String preview(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable BatchId id,
            @RequestParam Map<String, String> chosen,
            Reply reply) {
        return show(gates.tables().behind(() -> csvIn.preview(member.collection(), id, columns(chosen))), reply);
    }

    private static String show(CsvIn.Preview preview, Reply reply) {
        reply.put("page", preview);
        reply.put("fields", CsvColumns.fields(preview.what()));
        reply.put(
                "fieldWords",
                CsvColumns.fields(preview.what()).stream()
                        .collect(Collectors.toMap(CsvColumns.Field::id, CsvColumns.Field::words)));
        preview.askDays().ifPresent(day -> {
            reply.put("dayFirst", CsvRow.read(day, false));
            reply.put("monthFirst", CsvRow.read(day, true));
        });
        return "exchange/table";
    }

    private static Map<String, Integer> columns(Map<String, String> chosen) {
        Map<String, Integer> columns = new HashMap<>();
        chosen.forEach((field, column) -> {
            if (column.matches("-?\\d{1,3}")) {
                columns.put(field, Integer.valueOf(column));
            }
        });
        return columns;
    }

    /** What was mended on the page: values that are not known here, cells, the order of day and month, doubles. */
    @PostMapping("/exchange/tables/{id}/mend")
    String mend(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable BatchId id,
            @RequestParam Map<String, String> sent,
            RedirectAttributes address) {
        Map<String, String> mends = new HashMap<>();
        sent.forEach((what, text) -> {
            if (MEND.matcher(what).matches() && what.length() <= MOST_MEND && text.length() <= MOST_MEND) {
                mends.put(what, text);
            }
        });
        gates.tables().behind(() -> {
            csvDrafts.mend(member.collection(), id, mends);
            return id;
        });
        columns(sent).forEach(address::addAttribute);
        return "redirect:/exchange/tables/" + id;
    }

    @PostMapping("/exchange/tables/{id}")
    String take(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable BatchId id,
            @RequestParam Map<String, String> chosen,
            Reply reply) {
        CsvIn.Preview taken = gates.tables().behind(() -> csvIn.take(member.collection(), id, columns(chosen)));
        if (!taken.whole()) {
            reply.wrong();
            return show(taken, reply);
        }
        reply.put(
                "done",
                taken.good() == 1
                        ? Wording.say("exchange.exchange-controller.one-row-came")
                        : Wording.say("exchange.exchange-controller.all-rows-came", taken.good()));
        reply.put("batch", id);
        return "exchange/exchange";
    }

    @PostMapping("/exchange/tables/{id}/take-back")
    String takeBack(@AuthenticationPrincipal SignedIn member, @PathVariable BatchId id, Reply reply) {
        try {
            int back = csvIn.takeBack(member.collection(), id);
            reply.put(
                    "done",
                    back == 1
                            ? Wording.say("exchange.exchange-controller.one-entry-was-taken")
                            : Wording.say("exchange.exchange-controller.entries-were-taken-back", back));
        } catch (TakeBack.CannotTakeBack e) {
            reply.status(HttpStatus.CONFLICT);
            reply.put(
                    "tableProblem", Wording.say("exchange.exchange-controller.nothing-was-taken-back", e.getMessage()));
        }
        return "exchange/exchange";
    }
}
