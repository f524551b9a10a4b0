package mildlantern.web.plate;

import java.util.Random;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PotKind;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.platform.SvgNumbers;

/**
 * Draws a plant as it is seen from above, for the plan of a stop: a pot, leaves in two tones, their midribs. A few strokes each, because a
 * stop may hold fifty pots.
 */
public final class AboveDrawer {
    private AboveDrawer() {}

    /** How a leaf is shaped: width over length, and where along it is widest, 0 to 1. */
    private record Leaf(double width, double widest, String light, String dark) {}

    /**
     * Draws round the origin.
     *
     * @param subject the plant
     * @param radius radius of the pot, in the plan's units
     * @return pot and leaves as SVG, at most about 3 KB
     */
    public static String draw(PlateSubject subject, double radius) {
        Random random = new Random(subject.id().value().getMostSignificantBits()
                ^ subject.id().value().getLeastSignificantBits());
        StringBuilder svg = new StringBuilder();
        boolean clay = subject.vessel() == PotKind.CLAY;
        double squeeze = subject.vessel() == PotKind.TRAY ? 0.7 : 1;
        SvgNumbers.tenths(svg.append("<ellipse rx=\""), radius);
        SvgNumbers.tenths(svg.append("\" ry=\""), radius * squeeze);
        svg.append("\" fill=\"")
                .append(clay ? "#dcc1aa" : "#c4c4bf")
                .append("\" stroke=\"#1f2a22\" stroke-width=\"1\"/>");
        if (subject.form() == GrowthForm.COLUMNAR_CACTUS) {
            return svg.append(ribs(radius * 0.62)).toString();
        }
        boolean tree = subject.form() == GrowthForm.BONSAI || subject.form() == GrowthForm.SMALL_TREE;
        Leaf leaf = leaf(subject.form());
        StringBuilder light = new StringBuilder();
        StringBuilder dark = new StringBuilder();
        StringBuilder ribs = new StringBuilder();
        int leaves = tree ? 26 : Math.max(5, Math.min(14, Math.max(subject.leaves(), subject.growths())));
        for (int i = 0; i < leaves; i++) {
            double angle = tree
                    ? random.nextDouble() * 2 * Math.PI
                    : 2 * Math.PI * i / leaves + (random.nextDouble() - 0.5) * 0.5;
            double out = tree ? Math.sqrt(random.nextDouble()) * radius * 0.9 : 0;
            double length = tree ? radius * 0.42 : radius * (1.3 - 0.4 * (i % 3) / 2.0);
            double bend = (random.nextDouble() - 0.5) * 0.5;
            one(i % 2 == 0 ? light : dark, ribs, angle, out, length, bend, leaf);
        }
        return svg.append(path(dark, leaf.dark(), 0.8))
                .append(path(light, leaf.light(), 0.8))
                .append(path(ribs, "none", 0.5))
                .toString();
    }

    private static Leaf leaf(GrowthForm form) {
        return switch (form) {
            case TANK_ROSETTE, AIR_PLANT, UPRIGHT_PITCHER, UPRIGHT_SWORDS -> new Leaf(0.17, 0.35, "#a9b893", "#8c9c74");
            case FLESHY_ROSETTE, SNAP_TRAP_ROSETTE -> new Leaf(0.34, 0.62, "#aebfa4", "#93a687");
            case SINGLE_CROWN_ORCHID, CANED_ORCHID, FLAT_STICKY_ROSETTE, DOWNY_ROSETTE ->
                new Leaf(0.42, 0.6, "#adbf98", "#90a578");
            case FERN -> new Leaf(0.2, 0.4, "#9db585", "#7f9a66");
            default -> new Leaf(0.36, 0.42, "#a7bb90", "#8aa170");
        };
    }

    private static void one(
            StringBuilder leaves, StringBuilder ribs, double angle, double out, double length, double bend, Leaf leaf) {
        double fromX = out * Math.cos(angle);
        double fromY = out * Math.sin(angle);
        double towards = angle + bend;
        double tipX = fromX + length * Math.cos(towards);
        double tipY = fromY + length * Math.sin(towards);
        double middleX = fromX + leaf.widest() * length * Math.cos(angle);
        double middleY = fromY + leaf.widest() * length * Math.sin(angle);
        double sideX = -Math.sin(angle) * leaf.width() * length;
        double sideY = Math.cos(angle) * leaf.width() * length;
        at(leaves, 'M', fromX, fromY);
        at(leaves, 'Q', middleX + sideX, middleY + sideY);
        at(leaves, ' ', tipX, tipY);
        at(leaves, 'Q', middleX - sideX, middleY - sideY);
        at(leaves, ' ', fromX, fromY);
        leaves.append('z');
        at(ribs, 'M', fromX, fromY);
        at(ribs, 'Q', middleX, middleY);
        at(ribs, ' ', tipX, tipY);
    }

    private static void at(StringBuilder d, char stroke, double x, double y) {
        SvgNumbers.tenths(d.append(stroke), x);
        SvgNumbers.tenths(d.append(' '), y);
    }

    private static String path(StringBuilder d, String fill, double width) {
        return "<path d=\"" + d + "\" fill=\"" + fill + "\" stroke=\"#1f2a22\" stroke-width=\"" + width
                + "\" stroke-linejoin=\"round\"/>";
    }

    private static String ribs(double radius) {
        StringBuilder star = new StringBuilder();
        for (int i = 0; i < 24; i++) {
            double at = radius * (i % 2 == 0 ? 1 : 0.8);
            at(star, i == 0 ? 'M' : 'L', at * Math.cos(i * Math.PI / 12), at * Math.sin(i * Math.PI / 12));
        }
        return path(star.append('z'), "#93a687", 0.8);
    }
}
