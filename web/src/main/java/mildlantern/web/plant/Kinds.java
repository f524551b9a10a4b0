package mildlantern.web.plant;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.light.Daylight;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quantity.Range;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Kinds of plants: those of the knowledge base and the collection's own. */
@Component
@Transactional(readOnly = true)
public class Kinds {
    private final PlantKnowledge knowledge;
    private final Daylight daylight;
    private final OwnKindRows own;
    private final WrittenForms forms;

    Kinds(PlantKnowledge knowledge, Daylight daylight, OwnKindRows own, WrittenForms forms) {
        this.knowledge = knowledge;
        this.daylight = daylight;
        this.own = own;
        this.forms = forms;
    }

    /** The kind of an id, if the knowledge base or this collection has it. */
    public Optional<Profile> find(CollectionId collection, String id) {
        Optional<Profile> known = knowledge.profile(id);
        return known.isPresent()
                ? known
                : uuid(id).flatMap(own::findById)
                        .filter(kind -> kind.collection().equals(collection))
                        .map(this::profile);
    }

    /** The collection's own kinds, by name, and then those of the knowledge base. */
    public List<Profile> all(CollectionId collection) {
        List<Profile> all = new ArrayList<>();
        own.findByCollectionOrderByName(collection).forEach(kind -> all.add(profile(kind)));
        all.addAll(knowledge.profiles());
        return all;
    }

    private Profile profile(OwnKind kind) {
        Profile like = knowledge
                .profile(kind.nearest())
                .orElseThrow(() -> new IllegalStateException(kind.nearest() + " is gone from the knowledge base"));
        return kind.profile(like, dailyLight(like, kind.light()));
    }

    /** That of the nearest kind where the brightness is its own; else what kinds of that brightness want, or as much more or less as it is brighter or darker. */
    private Range dailyLight(Profile like, Brightness light) {
        if (light == like.light()) {
            return like.dailyLight();
        }
        double times = daylight.ratio(like.light(), light);
        return knowledge
                .usualLight(light)
                .orElseGet(() -> new Range(
                        like.dailyLight().low() * times, like.dailyLight().high() * times));
    }

    private static Optional<UUID> uuid(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Adds a kind of the grower's own, once. */
    @Transactional
    void add(CollectionId collection, FormKey form, OwnKind kind) {
        if (forms.firstTime(collection, form)) {
            own.save(kind);
        }
    }
}
