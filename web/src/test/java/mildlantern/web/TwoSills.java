package mildlantern.web;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.function.UnaryOperator;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.transaction.annotation.Transactional;

/** Makes a grower whose orchid stands on a dark sill, with a bright one near. */
@TestComponent
public class TwoSills {
    private final Growers growers;
    private final Stops stops;
    private final StopWriter stopWriter;
    private final Clock clock;

    TwoSills(Growers growers, Stops stops, StopWriter stopWriter, Clock clock) {
        this.growers = growers;
        this.stops = stops;
        this.stopWriter = stopWriter;
        this.clock = clock;
    }

    /** The grower, and the sill where it is bright. */
    public record Sills(Growers.Grower grower, Stop bright) {
        public Stop dark() {
            return grower.stop();
        }

        public CollectionId collection() {
            return grower.member().collection();
        }

        public PlantId orchid() {
            return grower.plant().id();
        }
    }

    /** @param mol light of the dark sill, mol/m² and day; the bright one has 6 */
    @Transactional
    public Sills dark(double mol) {
        Growers.Grower grower = growers.grower();
        Stop bright = stops.store(new Stop(StopId.fresh(), grower.member().collection(), 2, "Bright sill")
                .climate(Brightness.BRIGHT, 60.0, 22.0, 17.0));
        light(grower.stop(), mol);
        light(bright, 6);
        return new Sills(grower, bright);
    }

    /** A meter is read at a stop today, mol/m² and day. */
    @Transactional
    public void light(Stop stop, double mol) {
        read(stop, reading -> reading.read(null, mol, null, null, null));
    }

    /** A hygrometer is read at a stop today, %. */
    @Transactional
    public void humidity(Stop stop, double percent) {
        read(stop, reading -> reading.read(null, null, percent, null, null));
    }

    private void read(Stop stop, UnaryOperator<StopReading> told) {
        stopWriter.read(
                stop.collection(),
                stop.id(),
                FormKey.fresh(),
                at -> told.apply(new StopReading(at, LocalDate.now(clock), OffsetDateTime.now(clock))));
    }
}
