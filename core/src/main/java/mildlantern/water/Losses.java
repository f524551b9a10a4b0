package mildlantern.water;

import java.util.List;
import mildlantern.knowledge.Entry;
import mildlantern.quantity.Range;

/**
 * What leaves, surface and wall lose in a day's climate against 1 kPa in good light, indoors at 20 °C.
 *
 * @param vpdHalf kPa at which pores have closed by half (Leuning 1995)
 * @param lightFloor share of the loss that is left in the dark
 * @param lightHalf light, mol/m² and day, at which half of the rest is reached
 * @param lightGood light at which it is 1
 * @param coldNone °C at which cold roots bring next to nothing
 * @param coldFull °C from which they bring all
 * @param coldLeast share that is left then
 * @param windLeaf what a wind of 1 m/s adds to the loss of leaves, as share
 * @param windBare what it adds to that of surface and wall
 * @param falls share of the rain that leaves do not keep off
 * @param stressBelow share of the available water below which a plant drinks less
 * @param refill share of what tissue lacks that it takes up in a day
 * @param runOff of what is poured, when the whole ball is wet through
 */
record Losses(
        double vpdHalf,
        double lightFloor,
        double lightHalf,
        double lightGood,
        double coldNone,
        double coldFull,
        double coldLeast,
        double windLeaf,
        double windBare,
        double falls,
        double stressBelow,
        double refill,
        Range runOff) {
    static Losses read(Entry file) {
        List<Entry> cold = file.at("cold").at("between").members();
        return new Losses(
                file.number("vpd-half", 0.1, 20),
                file.at("light").number("floor", 0, 1),
                file.at("light").number("half", 0.1, 80),
                file.at("light").number("good", 0.1, 80),
                cold.get(0).number(-10, 20),
                cold.get(1).number(0, 30),
                file.at("cold").number("least", 0, 1),
                file.at("wind").number("leaf", 0, 3),
                file.at("wind").number("bare", 0, 3),
                file.number("rain", 0, 1),
                file.number("stress", 0.01, 1),
                file.number("refill", 0.01, 10),
                file.range("run-off", 0, 0.9));
    }

    /** Pores close as the deficit rises: f = D (1 + 1/D0) / (1 + D/D0), scaled to 1 at 1 kPa; cold roots bring less. */
    double ofLeaves(Climate climate, boolean byNight) {
        double d = (byNight ? climate.night() : climate.day()).kilopascal();
        double closing = d * (1 + 1 / vpdHalf) / (1 + d / vpdHalf);
        double light = lit(climate.light().molPerSquareMetre()) / lit(lightGood);
        double warm = Math.max(coldLeast, Math.min(1, (climate.celsius() - coldNone) / (coldFull - coldNone)));
        return closing * light * warm * (1 + windLeaf * climate.outdoors().windMs());
    }

    /** A wet surface loses in proportion to the mean deficit of day and night, and to the wind over it (Dalton's law). */
    double ofBare(Climate climate) {
        double d = (climate.day().kilopascal() + climate.night().kilopascal()) / 2;
        return d * (1 + windBare * climate.outdoors().windMs());
    }

    /** Rain, mm, that reaches the pot. */
    double rain(Climate climate) {
        return falls * climate.outdoors().rainMm();
    }

    private double lit(double mol) {
        return lightFloor + (1 - lightFloor) * mol / (mol + lightHalf);
    }
}
