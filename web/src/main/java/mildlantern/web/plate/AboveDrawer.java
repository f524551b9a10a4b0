package mildlantern.web.plate;

import java.util.Random;
import mildlantern.plant.GrowthForm;

/** Draws a plant as it is seen from above, for the plan of a stop. */
public final class AboveDrawer {
    private AboveDrawer() {}

    /**
     * @param subject the plant
     * @param x centre, in the plan's units
     * @param y centre
     * @param radius radius of the pot, in the plan's units
     * @return pot and leaves as SVG
     */
    public static String draw(PlateSubject subject, double x, double y, double radius) {
        Random random =
                new Random(subject.id().getMostSignificantBits() ^ subject.id().getLeastSignificantBits());
        Pen pen = new Pen();
        Point middle = new Point(x, y);
        String colour = subject.vessel() == PlateSubject.Vessel.CLAY ? "#b98462" : "#7c8288";
        pen.oval(middle, radius, radius * (subject.vessel() == PlateSubject.Vessel.TRAY ? 0.7 : 1), 0, colour, 0.4, 1);
        boolean tree = subject.form() == GrowthForm.BONSAI || subject.form() == GrowthForm.SMALL_TREE;
        if (tree) {
            for (int i = 0; i < 46; i++) {
                double round = random.nextDouble() * Math.PI * 2;
                double out = Math.sqrt(random.nextDouble()) * radius * 0.95;
                Blade.small(
                        pen, middle.plus(round, out), round + (random.nextDouble() - 0.5), radius * 0.3, radius * 0.16);
            }
            return pen.drawn();
        }
        int leaves = Math.max(5, Math.min(14, Math.max(subject.leaves(), subject.growths())));
        Blade blade = switch (subject.form()) {
            case TANK_ROSETTE, AIR_PLANT, FLESHY_ROSETTE, UPRIGHT_PITCHER, SNAP_TRAP_ROSETTE -> Blade.strap("#7f9268");
            case SINGLE_CROWN_ORCHID, CANED_ORCHID, FLAT_STICKY_ROSETTE -> Blade.orchidLeaf();
            default -> Blade.lance("#5f7d46");
        };
        for (int i = 0; i < leaves; i++) {
            double angle = 2 * Math.PI * i / leaves + (random.nextDouble() - 0.5) * 0.4;
            double bend = (random.nextDouble() - 0.5) * 0.7;
            double length = radius * (1.25 - 0.35 * (i % 3) / 2.0);
            blade.draw(pen, new Spine(middle, angle, length, bend), radius * 0.46);
        }
        return pen.drawn();
    }
}
