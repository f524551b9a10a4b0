package mildlantern.web.exchange;

import java.nio.charset.StandardCharsets;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import tools.jackson.databind.node.ObjectNode;

/** The keys by which the rows of one archive name one another, and the ids that they have here. */
final class ArchiveKeys {
    private final CollectionId collection;

    /** The keys of each table, by prefix: a number is a bit. */
    private final Map<String, BitSet> keys = new HashMap<>();

    ArchiveKeys(CollectionId collection) {
        this.collection = collection;
    }

    void add(ArchiveTables.Table table, ObjectNode row) throws ArchiveIn.Unreadable {
        String key = row.path("key").asString("");
        Matcher parts = ArchiveTables.KEY.matcher(key);
        if (!parts.matches() || !parts.group(1).equals(table.prefix())) {
            throw new ArchiveIn.Unreadable(
                    Wording.say("exchange.archive-keys.no-key-would-1", key, table.name(), table.prefix()));
        }
        BitSet known = keys.computeIfAbsent(table.prefix(), prefix -> new BitSet());
        int number = Integer.parseInt(parts.group(2));
        if (known.get(number)) {
            throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-keys.key-stands-twice-archive", key));
        }
        known.set(number);
    }

    private boolean known(String prefix, String number) {
        BitSet known = keys.get(prefix);
        return known != null && known.get(Integer.parseInt(number));
    }

    String reference(ArchiveTables.Table table, String column, String text) throws ArchiveIn.Unreadable {
        if (ArchiveTables.TEXTS.contains(column)) {
            return unkeyed(text);
        }
        Matcher key = ArchiveTables.KEY.matcher(text);
        String wanted = ArchiveTables.named(table.refs().getOrDefault(column, ""))
                .map(ArchiveTables.Table::prefix)
                .orElse("");
        if (!key.matches() || !key.group(1).equals(wanted) || !known(wanted, key.group(2))) {
            throw new ArchiveIn.Unreadable(
                    Wording.say("exchange.archive-keys.names-no-archive", text, table.name(), wanted));
        }
        return id(text).toString();
    }

    /** A text with the keys in it put by the ids that they have here. */
    private String unkeyed(String text) {
        return ArchiveTables.KEY
                .matcher(text)
                .replaceAll(match -> known(match.group(1), match.group(2))
                        ? id(match.group()).toString()
                        : Matcher.quoteReplacement(match.group()));
    }

    UUID id(String key) {
        return UUID.nameUUIDFromBytes((collection + " " + key).getBytes(StandardCharsets.UTF_8));
    }
}
