package mildlantern.handwork;

import java.util.OptionalInt;
import java.util.Set;
import mildlantern.handwork.LeafDeed.Because;
import mildlantern.handwork.LeafDeed.Cut;
import mildlantern.handwork.LeafDeed.Deed;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.ByKind;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quantity.Range;

/** Whether a damaged leaf is kept, trimmed or taken off, and where the cut goes. */
public final class LeafWork {
    private static final Set<String> KEYS = Set.of("off", "trims", "outgrows", "drops", "source", "sure");

    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");

    /** How a growth form is cut. */
    private record Form(Cut off, boolean trims, Range outgrows, boolean drops) {}

    private final ByKind<Form> forms;
    private final double green;
    private final double once;
    private final int few;
    private final int again;

    private LeafWork(Entry file, PlantKnowledge plants) {
        green = file.at("keep").number("green", 0, 1);
        once = file.at("keep").number("at-once", 0.05, 1);
        few = (int) file.at("keep").number("few", 1, 20);
        again = (int) file.at("keep").number("again-days", 1, 90);
        forms = ByKind.read(file, plants, LeafWork::form);
    }

    private static Form form(Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        return new Form(
                entry.constant(Cut.class, "off"),
                entry.flag("trims"),
                entry.range("outgrows", 1, 520),
                entry.flag("drops"));
    }

    /**
     * @throws KnowledgeException if {@code handwork.yaml} is wrong; the message names the key
     */
    public static LeafWork load(PlantKnowledge plants) {
        return new LeafWork(KnowledgeFiles.open("handwork.yaml"), plants);
    }

    /**
     * What is done with leaves that look so.
     *
     * @param kind the kind of plant
     * @param leaf the leaf and its plant
     */
    public LeafDeed decide(Profile kind, LeafState leaf) {
        Form form = forms.of(kind);
        boolean tooFew = leaf.leaves().isPresent() && leaf.leaves().getAsInt() <= few;
        if (leaf.goesOn()) {
            boolean whole = !tooFew || leaf.damage() == Damage.SOFT && leaf.green() < green;
            return whole
                    ? deed(form, leaf, Deed.TAKE_OFF, Because.GOES_ON, form.off())
                    : deed(form, leaf, Deed.CUT_OUT, Because.TOO_FEW, Cut.INTO_SOUND);
        }
        return switch (leaf.damage()) {
            case DRY_TIP, DRY_EDGE ->
                leaf.green() <= 0
                        ? deed(form, leaf, Deed.TAKE_OFF, Because.SPENT, form.off())
                        : form.trims()
                                ? deed(form, leaf, Deed.TRIM, Because.DEAD_MARGIN, Cut.ALONG_SHAPE)
                                : deed(form, leaf, Deed.KEEP, Because.STILL_FEEDS, Cut.NONE);
            case DRY -> deed(form, leaf, Deed.TAKE_OFF, Because.SPENT, form.off());
            case YELLOW ->
                leaf.green() <= 0 && !form.drops()
                        ? deed(form, leaf, Deed.TAKE_OFF, Because.SPENT, form.off())
                        : deed(form, leaf, Deed.KEEP, Because.DRAWS_BACK, Cut.NONE);
            case OLD_SCAR, SPOTS -> damaged(form, leaf, tooFew);
            case SOFT, TUNNELS -> throw new IllegalStateException("goes on");
        };
    }

    private LeafDeed damaged(Form form, LeafState leaf, boolean tooFew) {
        if (leaf.green() > green) {
            return deed(
                    form,
                    leaf,
                    Deed.KEEP,
                    leaf.damage() == Damage.OLD_SCAR ? Because.SCAR_STAYS : Because.STILL_FEEDS,
                    Cut.NONE);
        }
        if (leaf.green() > 0 && (leaf.shooting() || tooFew)) {
            return deed(form, leaf, Deed.KEEP, leaf.shooting() ? Because.FEEDS_NEW_GROWTH : Because.TOO_FEW, Cut.NONE);
        }
        return deed(form, leaf, Deed.TAKE_OFF, Because.SPENT, form.off());
    }

    /** A third of the foliage at most comes off in one day: of what is dead or rots, all that is so. */
    private LeafDeed deed(Form form, LeafState leaf, Deed deed, Because because, Cut cut) {
        boolean takes = deed == Deed.TAKE_OFF && leaf.green() > 0 && leaf.damage() != Damage.SOFT;
        int most = takes && leaf.leaves().isPresent()
                ? Math.max(1, (int) Math.floor(once * leaf.leaves().getAsInt()))
                : leaf.alike();
        int today = Math.min(most, leaf.alike());
        int rest = deed == Deed.KEEP ? 0 : leaf.alike() - today;
        return new LeafDeed(
                deed,
                because,
                cut,
                deed == Deed.KEEP ? 0 : today,
                rest,
                rest > 0 ? OptionalInt.of(again) : OptionalInt.empty(),
                form.outgrows());
    }
}
