package mildlantern.web.platform;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mildlantern.web.words.Wording;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Shows what somebody typed into a page that was out of date beside what stands there now, so that one can choose line by line.
 * What is chosen is sent as the form itself, with the version that stands now.
 *
 * <p>A form record has the fields {@code form}, {@code version} and {@code opened}; the last holds what the page showed when it was
 * opened, which tells a line that was typed from one that was only left as it was.
 */
@Component
public class StaleForms {
    private final RecordForms forms;

    StaleForms(RecordForms forms) {
        this.forms = forms;
    }

    /** How the value of a field reads. */
    @FunctionalInterface
    public interface Reading {
        /**
         * @param raw what the field sends; not empty
         */
        String of(String field, String raw);
    }

    /**
     * A field in which the two differ.
     *
     * @param typed what was typed, as the field sends it
     * @param now what stands there now, as the field sends it
     * @param choice which of the two is marked: the one that only one side changed; empty where both did, which the grower decides
     */
    public record Line(
            String field, String label, String typed, String typedWords, String now, String nowWords, String choice) {}

    /** A field in which they agree. */
    public record Same(String field, String value) {}

    /**
     * Puts the two side by side and names the view.
     *
     * @param name of the form, by which its labels are known
     * @param typed what was sent
     * @param now the form as it would be shown now, with its version
     * @param address where the form goes
     * @param back where one goes to leave it
     */
    public String show(
            Reply reply, String name, Record typed, Record now, String address, String back, Reading reading) {
        reply.status(HttpStatus.CONFLICT);
        Map<String, String> mine = forms.raw(typed);
        Map<String, String> standing = forms.raw(now);
        Map<String, String> opened = forms.opened(mine.getOrDefault("opened", ""));
        List<Line> lines = new ArrayList<>();
        List<Same> same = new ArrayList<>();
        standing.forEach((field, value) -> {
            if (RecordForms.CARRIED.contains(field)) {
                return;
            }
            String own = mine.getOrDefault(field, "");
            if (own.equals(value)) {
                same.add(new Same(field, value));
            } else {
                String before = opened.get(field);
                String choice = own.equals(before) ? "now" : value.equals(before) ? "typed" : "";
                lines.add(new Line(
                        field,
                        Wording.say("edit." + name + "." + field),
                        own,
                        words(reading, field, own),
                        value,
                        words(reading, field, value),
                        choice));
            }
        });
        reply.put("lines", lines);
        reply.put("same", same);
        reply.put("form", FormKey.fresh());
        reply.put("version", standing.get("version"));
        reply.put("opened", forms.opened(standing));
        reply.put("address", address);
        reply.put("back", back);
        return "frame/stale";
    }

    private String words(Reading reading, String field, String raw) {
        return switch (raw) {
            case "" -> Wording.say("edit.nothing");
            case "true", "false" -> Wording.say("edit." + raw);
            default -> reading.of(field, raw);
        };
    }

    /** A word of an enumeration as it reads, as in "clay pot" for CLAY_POT. */
    public static String plain(String raw) {
        return raw.matches("[A-Z]+(_[A-Z]+)*") ? raw.toLowerCase(Locale.ROOT).replace('_', ' ') : raw;
    }
}
