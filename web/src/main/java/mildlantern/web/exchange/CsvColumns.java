package mildlantern.web.exchange;

import java.util.List;

/** The columns of a table that are understood, and by which heads they are known. */
final class CsvColumns {
    private CsvColumns() {}

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
                        field("name", "name", true, "name", "plant", "plantname", "label"),
                        field("kind", "kind", true, "kind", "profile", "species", "botanical", "type", "genus"),
                        field("stop", "stop", true, "stop", "place", "location", "where", "room", "shelf"),
                        field("number", "number", false, "number", "accession", "accessionnumber", "no", "id"),
                        field("cultivar", "cultivar", false, "cultivar", "variety", "clone"),
                        field("source", "came from", false, "source", "from", "camefrom", "supplier", "origin"),
                        field("came", "came on", false, "cameon", "acquired", "acquiredon", "bought", "since"),
                        field("pot", "pot", false, "pot", "potkind", "container"),
                        field("cm", "pot in cm", false, "potcm", "diameter", "potsize", "potdiameter", "cm"),
                        field("medium", "medium", false, "medium", "mix", "substrate", "soil"),
                        field("potted", "potted on", false, "pottedon", "repotted", "potted"),
                        field("water", "water", false, "water", "watersource"),
                        field("leaves", "leaves", false, "leaves"))
                : List.of(
                        field("plant", "plant", true, "plant", "name", "plantname", "number", "accession"),
                        field("day", "day", true, "day", "date", "on", "when"),
                        field("what", "what was done", true, "what", "entry", "action", "event", "activity", "done"),
                        field("amount", "amount in mL", false, "amountml", "amount", "ml", "volume"),
                        field("water", "water", false, "water", "watersource"),
                        field("treated", "treated with", false, "treatedwith", "means", "product", "spray"),
                        field("words", "words", false, "words", "note", "notes", "comment", "remarks"));
    }
}
