package mildlantern.web.demo;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.account.AccountService;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.LanternSettings;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Houses;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Loads the demo collection once: Harrow Quay Signal House, an invented harbour signal station. */
@Component
class DemoLoader implements ApplicationRunner {
    static final String SIGN_IN = "keeper";
    static final String PASSWORD = "lamplight";

    private final LanternSettings settings;
    private final Houses houses;
    private final AccountService accounts;
    private final SignalHouse house;
    private final TransactionTemplate transaction;

    DemoLoader(
            LanternSettings settings,
            Houses houses,
            AccountService accounts,
            SignalHouse house,
            TransactionTemplate transaction) {
        this.settings = settings;
        this.houses = houses;
        this.accounts = accounts;
        this.house = house;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (settings.demo()) {
            load();
        }
    }

    /** Loads the demo, once. */
    void load() {
        CollectionId collection = new CollectionId(id("collection"));
        if (!houses.exists(collection)) {
            transaction.executeWithoutResult(status -> {
                houses.make(collection, "Harrow Quay Signal House", "north");
                accounts.open(collection, SIGN_IN, "Keeper", PASSWORD);
                accounts.open(
                        collection,
                        Role.HELPER,
                        Optional.empty(),
                        new AccountService.NewAccount("helper", "Helper", PASSWORD));
                house.load(collection);
            });
        }
    }

    /** Always the same id for the same name, so that the demo's plates always look the same. */
    static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("harrow-quay " + name).getBytes(StandardCharsets.UTF_8));
    }
}
