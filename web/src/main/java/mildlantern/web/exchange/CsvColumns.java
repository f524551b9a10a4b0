package mildlantern.web.exchange;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mildlantern.web.words.Wording;

/** The columns of a table that are understood, and by which heads they are known. */
final class CsvColumns {
    private CsvColumns() {}

    /** Fields that hold a day. */
    static final List<String> DAYS = List.of("came", "potted", "ended", "day");

    /** What a table is of. */
    enum What {
        PLANTS,
        LOG
    }

    /**
     * A column that is understood.
     *
     * @param id its id in forms
     * @param words what it is called on the page
     * @param needed whether a table makes no sense without it
     * @param heads heads by which it is matched, without spaces and signs
     */
    record Field(String id, String words, boolean needed, List<String> heads) {}

    static Field field(String id, String words, boolean needed, String... heads) {
        return new Field(id, words, needed, List.of(heads));
    }

    static List<Field> fields(What what) {
        return what == What.PLANTS
                ? List.of(
                        field(
                                "name",
                                Wording.say("exchange.csv-columns.name"),
                                true,
                                "name",
                                "plant",
                                "plantname",
                                "label"),
                        field(
                                "kind",
                                "kind",
                                true,
                                "kind",
                                "profile",
                                "speciesortype",
                                "species",
                                "plantspecies",
                                "botanical",
                                "type",
                                "genus"),
                        field(
                                "stop",
                                "stop",
                                true,
                                "stop",
                                "place",
                                "standsat",
                                "stands",
                                "standson",
                                "location",
                                "where",
                                "room",
                                "shelf",
                                "position"),
                        field(
                                "number",
                                Wording.say("exchange.csv-columns.number"),
                                false,
                                "number",
                                "accession",
                                "accessionnumber",
                                "no",
                                "id"),
                        field(
                                "cultivar",
                                Wording.say("exchange.csv-columns.cultivar"),
                                false,
                                "cultivar",
                                "variety",
                                "clone"),
                        field(
                                "source",
                                Wording.say("exchange.csv-columns.came-from"),
                                false,
                                "source",
                                "from",
                                "camefrom",
                                "supplier",
                                "origin"),
                        field(
                                "came",
                                Wording.say("exchange.csv-columns.came-on"),
                                false,
                                "cameon",
                                "acquired",
                                "acquiredon",
                                "bought",
                                "since"),
                        field(
                                "pot",
                                Wording.say("exchange.csv-columns.pot"),
                                false,
                                "pot",
                                "potkind",
                                "pottype",
                                "container"),
                        field(
                                "cm",
                                Wording.say("exchange.csv-columns.pot-in-cm"),
                                false,
                                "potcm",
                                "potincm",
                                "diameter",
                                "potsize",
                                "potdiameter",
                                "cm"),
                        field(
                                "medium",
                                Wording.say("exchange.csv-columns.medium"),
                                false,
                                "medium",
                                "mix",
                                "substrate",
                                "soil"),
                        field(
                                "potted",
                                Wording.say("exchange.csv-columns.potted-on"),
                                false,
                                "pottedon",
                                "lastrepotted",
                                "repotted",
                                "potted"),
                        field("water", Wording.say("exchange.csv-columns.water"), false, "water", "watersource"),
                        field("leaves", Wording.say("exchange.csv-columns.leaves"), false, "leaves"),
                        field(
                                "height",
                                Wording.say("exchange.csv-columns.pot-height-in-cm"),
                                false,
                                "potheightcm",
                                "potheight",
                                "height"),
                        field(
                                "reservoir",
                                Wording.say("exchange.csv-columns.reservoir-in-ml"),
                                false,
                                "reservoirml",
                                "reservoir"),
                        field("feed", Wording.say("exchange.csv-columns.feed"), false, "feedstrength", "feed"),
                        field("stage", Wording.say("exchange.csv-columns.growth-stage"), false, "stage", "growthstage"),
                        field(
                                "growths",
                                Wording.say("exchange.csv-columns.growths"),
                                false,
                                "growths",
                                "canes",
                                "pitchers"),
                        field("offsets", Wording.say("exchange.csv-columns.offsets"), false, "offsets", "pups"),
                        field("state", Wording.say("exchange.csv-columns.still-kept"), false, "state", "status"),
                        field(
                                "ended",
                                Wording.say("exchange.csv-columns.no-longer-kept-since"),
                                false,
                                "endedon",
                                "ended"),
                        field("endedof", Wording.say("exchange.csv-columns.why-no-longer"), false, "endedof", "cause"))
                : List.of(
                        field(
                                "plant",
                                Wording.say("exchange.csv-columns.plant"),
                                true,
                                "plant",
                                "name",
                                "plantname",
                                "number",
                                "accession"),
                        field("day", Wording.say("exchange.csv-columns.day"), true, "day", "date", "on", "when"),
                        field(
                                "what",
                                Wording.say("exchange.csv-columns.what-was-done"),
                                true,
                                "what",
                                "entry",
                                "action",
                                "event",
                                "activity",
                                "done"),
                        field(
                                "amount",
                                Wording.say("exchange.csv-columns.amount-in-ml"),
                                false,
                                "amountml",
                                "amount",
                                "ml",
                                "volume"),
                        field("water", Wording.say("exchange.csv-columns.water"), false, "water", "watersource"),
                        field(
                                "treated",
                                Wording.say("exchange.csv-columns.treated-with"),
                                false,
                                "treatedwith",
                                "means",
                                "product",
                                "spray"),
                        field(
                                "words",
                                Wording.say("exchange.csv-columns.words"),
                                false,
                                "words",
                                "note",
                                "notes",
                                "comment",
                                "remarks"));
    }

    /**
     * Which column of a table stands for which field.
     *
     * @param chosen columns by field as the grower chose them; what is missing is matched by its head
     * @return the number of the column by field; -1 where there is none
     */
    static Map<String, Integer> match(What what, List<String> heads, Map<String, Integer> chosen) {
        Map<String, Integer> match = new LinkedHashMap<>();
        Set<Integer> used = new HashSet<>(chosen.values());
        List<String> plain = heads.stream().map(CsvTable::plain).toList();
        for (Field field : fields(what)) {
            Integer column = chosen.get(field.id());
            if (column == null) {
                column = field.heads().stream()
                        .map(plain::indexOf)
                        .filter(at -> at >= 0 && !used.contains(at))
                        .findFirst()
                        .orElse(-1);
            }
            used.add(column);
            match.put(field.id(), column >= heads.size() ? -1 : column);
        }
        return match;
    }
}
