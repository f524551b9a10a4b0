package mildlantern.web;

import java.time.Clock;
import java.time.LocalDate;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.account.AccountService;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.transaction.annotation.Transactional;

/** Makes growers for tests, each with a collection, a stop and a limp moth orchid of their own. */
@TestComponent
public class Growers {
    public static final String PASSWORD = "a long enough password";

    private final Houses collections;
    private final Stops stops;
    private final RecordWriter recordWriter;
    private final AccountService accounts;
    private final Clock clock;

    Growers(Houses collections, Stops stops, RecordWriter recordWriter, AccountService accounts, Clock clock) {
        this.collections = collections;
        this.stops = stops;
        this.recordWriter = recordWriter;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A grower, signed in or able to. */
    public record Grower(SignedIn member, Stop stop, Plant plant) {
        public String signIn() {
            return member.getUsername();
        }
    }

    @Transactional
    public Grower grower() {
        CollectionId collection = CollectionId.fresh();
        collections.make(collection, "Test house", "north");
        String signIn = "grower-" + collection;
        accounts.open(collection, signIn, "Grower", PASSWORD);
        Stop stop = stops.store(
                new Stop(StopId.fresh(), collection, 1, "Sill").climate(Brightness.MEDIUM, 50.0, 21.0, 17.0));
        Plant plant = plant(collection, stop, "Limpet");
        SignedIn member = (SignedIn) accounts.loadUserByUsername(signIn);
        return new Grower(member, stop, plant);
    }

    /** Somebody whose collection is still empty. */
    public record Newcomer(CollectionId collection, String signIn) {}

    @Transactional
    public Newcomer newcomer() {
        CollectionId collection = CollectionId.fresh();
        collections.make(collection, "Empty house", "north");
        accounts.open(collection, "newcomer-" + collection, "Newcomer", PASSWORD);
        return new Newcomer(collection, "newcomer-" + collection);
    }

    @Transactional
    public Plant plant(CollectionId collection, Stop stop, String name) {
        return recordWriter.store(new Plant(PlantId.fresh(), collection, stop.id(), 0, name, "phalaenopsis")
                .potted(PotKind.CLAY, 12.0, "bark", LocalDate.now(clock).minusMonths(34))
                .kept(WaterSource.RAIN, FeedStrength.WEAK, false, true, true)
                .counted(6, 0, 0, 3, 1));
    }
}
