package mildlantern.web.demo;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;

/**
 * The plants of the signal house, a line each: stop, name, kind, pot, its diameter in cm, medium, months in it, water, feed, what can
 * be counted (leaves, growths, offsets, flowers, buds), and how thirsty it is against its kind.
 */
final class SignalHousePlants {
    private SignalHousePlants() {}

    private static final String TABLE = """
            Lamp room sill    | Pilot       | cattleya             | clay    | 13 | bark         | 11 | rain     | weak  | 7 6 0 2 1    | 1.1
            Lamp room sill    | Ember       | tank-bromeliad       | clay    | 14 | bark         | 19 | rain     | weak  | 12 0 1 0 0   | 0.9
            Lamp room sill    | Spindrift   | succulent-rosette    | clay    | 10 | mineral      | 9  | soft-tap | weak  | 14 0 2 0 0   | 1.0
            Lamp room sill    | Tinder      | cactus               | clay    | 12 | mineral      | 26 | soft-tap | none  | 0 3 0 0 0    | 1.2
            Lamp room sill    | Gimbal      | jade-plant           | clay    | 15 | mineral      | 20 | soft-tap | weak  | 60 0 0 0 0   | 0.9
            Lamp room sill    | Sextant     | calamondin           | clay    | 20 | peat-mix     | 8  | rain     | label | 90 0 0 2 3   | 1.3
            Lamp room rail    | Mizzen      | tillandsia           | mount   | 9  | mounted      | 14 | rain     | weak  | 16 0 1 0 0   | 1.0
            Lamp room rail    | Lanyard     | hoya                 | plastic | 13 | bark         | 16 | rain     | weak  | 34 0 0 0 2   | 0.8
            Lamp room rail    | Streamer    | spider-plant         | plastic | 15 | peat-mix     | 26 | soft-tap | label | 26 0 4 0 0   | 1.7
            Lamp room rail    | Pennant     | pothos               | plastic | 16 | coir-mix     | 7  | soft-tap | label | 30 0 0 0 0   | 1.0
            Lamp room rail    | Ratline     | dendrobium-nobile    | mount   | 12 | mounted      | 15 | rain     | weak  | 12 5 0 0 0   | 1.1
            Chart room shelf  | Brass fern  | boston-fern          | clay    | 17 | peat-mix     | 15 | soft-tap | weak  | 11 0 0 0 0   | 1.2
            Chart room shelf  | Tidewaiter  | phalaenopsis         | clay    | 12 | bark         | 34 | soft-tap | weak  | 6 0 0 4 2    | 0.5
            Chart room shelf  | Big Anna    | peace-lily           | plastic | 19 | peat-mix     | 20 | soft-tap | label | 11 0 0 1 0   | 1.2
            Chart room shelf  | Nettle      | african-violet       | plastic | 9  | peat-perlite | 8  | rain     | weak  | 9 0 0 3 2    | 1.0
            Chart room shelf  | Ghost fern  | boston-fern          | clay    | 14 | peat-mix     | 22 | soft-tap | weak  | 8 0 0 0 0    | 1.9
            Chart room shelf  | Compass     | philodendron         | plastic | 15 | coir-mix     | 12 | soft-tap | label | 22 0 0 0 0   | 0.9
            Chart room shelf  | Sounding    | dracaena             | plastic | 17 | peat-mix     | 18 | rain     | weak  | 28 0 0 0 0   | 1.0
            Stove landing     | Parchment   | calathea             | plastic | 14 | peat-mix     | 22 | hard-tap | label | 9 0 0 0 0    | 1.1
            Stove landing     | Umbra       | rubber-plant         | clay    | 21 | peat-mix     | 20 | soft-tap | weak  | 60 0 0 0 0   | 1.0
            Stove landing     | Cinder      | snake-plant          | plastic | 15 | mineral      | 10 | soft-tap | weak  | 7 0 1 0 0    | 0.8
            Stove landing     | Bellows     | zz-plant             | plastic | 16 | peat-perlite | 21 | soft-tap | weak  | 40 0 0 0 0   | 0.9
            Stove landing     | Kettle      | croton               | plastic | 17 | peat-mix     | 9  | soft-tap | label | 50 0 0 0 0   | 1.2
            Stove landing     | Hearth      | dieffenbachia        | plastic | 18 | peat-mix     | 17 | soft-tap | label | 14 0 0 0 0   | 1.0
            Wet bench         | Halyard     | sarracenia           | plastic | 15 | peat-perlite | 14 | rain     | none  | 0 7 0 0 0    | 1.0
            Wet bench         | Snapjack    | dionaea              | plastic | 10 | peat-perlite | 9  | rain     | none  | 8 6 0 0 0    | 1.1
            Wet bench         | Dewline     | drosera              | plastic | 9  | peat-perlite | 10 | rain     | none  | 12 0 1 0 0   | 1.0
            Wet bench         | Figurehead  | darlingtonia         | clay    | 14 | sphagnum     | 11 | rain     | none  | 0 6 0 0 0    | 1.2
            Wet bench         | Bilge       | sarracenia           | plastic | 17 | peat-perlite | 20 | rain     | none  | 0 9 0 0 0    | 0.9
            Wet bench         | Bosun       | sarracenia           | plastic | 13 | peat-perlite | 7  | rain     | none  | 0 5 0 0 0    | 1.0
            Fog cabinet       | Tankard     | nepenthes            | plastic | 14 | sphagnum     | 13 | rain     | weak  | 9 4 0 0 0    | 1.0
            Fog cabinet       | Mistral     | miltoniopsis         | plastic | 12 | bark         | 12 | rain     | weak  | 8 4 0 0 0    | 1.1
            Fog cabinet       | Galley      | paphiopedilum        | plastic | 11 | bark         | 14 | rain     | weak  | 6 0 0 1 0    | 0.9
            Fog cabinet       | Butterpat   | pinguicula           | plastic | 9  | mineral      | 12 | rain     | none  | 14 0 0 0 0   | 1.0
            Fog cabinet       | Thimble     | cephalotus           | plastic | 9  | peat-perlite | 18 | rain     | none  | 6 5 0 0 0    | 1.0
            Stair window      | Capstan     | tropical-bonsai      | tray    | 22 | mineral      | 24 | hard-tap | label | 150 0 0 0 0  | 1.0
            Stair window      | Lark        | anthurium            | plastic | 15 | bark         | 7  | rain     | weak  | 7 0 0 1 0    | 1.0
            Stair window      | Yardarm     | fiddle-leaf-fig      | plastic | 22 | peat-mix     | 13 | soft-tap | label | 24 0 0 0 0   | 1.1
            Stair window      | Drifter     | weeping-fig          | clay    | 20 | peat-mix     | 16 | soft-tap | label | 40 0 0 0 0   | 0.6
            Stair window      | Topsail     | oncidium             | clay    | 13 | bark         | 15 | rain     | weak  | 10 5 0 6 3   | 1.0
            Stair window      | Coaming     | cymbidium            | plastic | 19 | bark         | 20 | rain     | label | 30 6 0 0 4   | 1.0
            Outer gallery     | Anchorage   | temperate-bonsai     | tray    | 30 | mineral      | 30 | rain     | label | 0 0 0 0 0    | 0.7
            Outer gallery     | Bollard     | temperate-bonsai     | tray    | 24 | mineral      | 18 | rain     | label | 60 0 0 0 0   | 0.8
            Outer gallery     | Quayside    | winter-jasmine       | clay    | 19 | peat-mix     | 9  | rain     | weak  | 80 0 0 0 12  | 1.0
            Isolation locker  | Stowaway    | monstera             | plastic | 17 | coir-mix     | 5  | soft-tap | weak  | 6 0 0 0 0    | 1.0
            Isolation locker  | Castaway    | tradescantia         | plastic | 12 | peat-mix     | 3  | soft-tap | weak  | 40 0 0 0 0   | 1.2
            """;

    /** A line of the table. */
    record Line(
            String stop,
            String name,
            String kind,
            PotKind pot,
            double cm,
            String medium,
            int months,
            WaterSource water,
            FeedStrength feed,
            List<Integer> counts,
            double thirst) {}

    static List<Line> all() {
        return TABLE.lines().map(SignalHousePlants::line).toList();
    }

    private static Line line(String text) {
        List<String> cells =
                Arrays.stream(text.split("\\|", -1)).map(String::strip).toList();
        return new Line(
                cells.get(0),
                cells.get(1),
                cells.get(2),
                PotKind.valueOf(constant(cells.get(3))),
                Double.parseDouble(cells.get(4)),
                cells.get(5),
                Integer.parseInt(cells.get(6)),
                WaterSource.valueOf(constant(cells.get(7))),
                FeedStrength.valueOf(constant(cells.get(8))),
                Arrays.stream(cells.get(9).split(" ", -1)).map(Integer::valueOf).toList(),
                Double.parseDouble(cells.get(10)));
    }

    private static String constant(String word) {
        return word.toUpperCase(Locale.ROOT).replace('-', '_');
    }
}
