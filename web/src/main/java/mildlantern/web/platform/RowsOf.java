package mildlantern.web.platform;

import jakarta.persistence.EntityManager;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.hibernate.jpa.HibernateHints;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Goes through all rows that a collection has of a kind, however many, without keeping them in memory. */
@Component
public class RowsOf {
    private static final int AT_ONCE = 500;

    private final EntityManager entities;

    RowsOf(EntityManager entities) {
        this.entities = entities;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public <T extends Row> void each(Class<T> type, CollectionId collection, Consumer<T> what) {
        entities.flush();
        try (Stream<T> rows = entities.createQuery(
                        "select e from " + type.getSimpleName() + " e where e.collection = :collection", type)
                .setParameter("collection", collection)
                .setHint(HibernateHints.HINT_FETCH_SIZE, AT_ONCE)
                .setHint(HibernateHints.HINT_READ_ONLY, true)
                .getResultStream()) {
            rows.forEach(row -> {
                what.accept(row);
                entities.detach(row);
            });
        }
    }

    /**
     * @throws IllegalArgumentException if it is false
     */
    public static void require(boolean known, String word, String what) {
        if (!known) {
            throw new IllegalArgumentException("'" + word + "' is no " + what);
        }
    }
}
