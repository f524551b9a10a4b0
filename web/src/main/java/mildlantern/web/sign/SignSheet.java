package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Scene;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Pen;

/** Signs of one kind of plant on one page. What they share, as the sound leaf, is drawn once and used again. */
public final class SignSheet {
    /** Width of a drawing, in its own units. */
    static final int WIDTH = 120;

    /** Its height. */
    static final int HEIGHT = 90;

    private final Subject.Kind kind;
    private final Map<Scene, Subject> subjects = new EnumMap<>(Scene.class);
    private final List<Scene> used = new ArrayList<>();

    public SignSheet(Look look, GrowthForm form) {
        kind = new Subject.Kind(look, form);
    }

    private Subject subject(Scene scene) {
        return subjects.computeIfAbsent(scene, it -> switch (it) {
            case LEAF -> new LeafSubject(kind);
            case PAIR -> new PairSubject(kind);
            case PLANT -> new PlantSubject(kind);
            case SHOOT -> new ShootSubject(kind);
            case STEM -> new StemSubject(kind);
            case TWIG -> new TwigSubject(kind, false);
            case NEEDLES -> new TwigSubject(kind, true);
            case CROWN -> new CrownSubject(kind);
            case OFFSET -> new OffsetSubject(kind);
            case CANE -> new CaneSubject(kind);
            case FLOWER -> new FlowerSubject(kind);
            case TRAP -> new TrapSubject(kind);
            case POT -> new PotSubject();
            case ROOTS -> new RootSubject();
            case TIME -> new TimeSubject(kind);
        });
    }

    /** A sign as one drawing among those of this sheet; {@link #shared()} must stand on the page too. */
    public String tile(Sign sign) {
        Subject subject = subject(sign.scene());
        String carried;
        if (subject.changed(sign)) {
            carried = carried(subject, sign);
        } else {
            if (!used.contains(sign.scene())) {
                used.add(sign.scene());
            }
            carried = "<use href=\"#sound-" + Words.id(sign.scene()) + "\"/>";
        }
        return framed(carried + marks(subject, sign));
    }

    /** A sign as a drawing that stands alone. */
    public String alone(Sign sign) {
        Subject subject = subject(sign.scene());
        return framed(carried(subject, sign) + marks(subject, sign));
    }

    /** What is used by the drawings made so far; nothing of it is seen by itself. */
    public String shared() {
        StringBuilder svg = new StringBuilder("<svg width=\"0\" height=\"0\" aria-hidden=\"true\"><defs>");
        for (Scene scene : used) {
            svg.append("<g id=\"sound-").append(Words.id(scene)).append("\">");
            svg.append(carried(subject(scene), new Sign(new FindingId("sound"), "sound", scene, List.of())));
            svg.append("</g>");
        }
        return svg.append("</defs></svg>").toString();
    }

    private static String carried(Subject subject, Sign sign) {
        Pen pen = new Pen();
        subject.carry(pen, sign);
        return pen.drawn();
    }

    private static String marks(Subject subject, Sign sign) {
        Pen pen = new Pen();
        sign.marks().forEach(mark -> subject.mark(pen, sign, mark));
        return pen.drawn();
    }

    private static String framed(String drawn) {
        return "<svg class=\"sign\" viewBox=\"0 0 " + WIDTH + " " + HEIGHT
                + "\" aria-hidden=\"true\" stroke-linecap=\"round\" stroke-linejoin=\"round\">" + drawn + "</svg>";
    }
}
