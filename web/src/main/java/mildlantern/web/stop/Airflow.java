package mildlantern.web.stop;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Near;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/**
 * How air moves at a stop, and what is near that plants dislike; null is not known.
 *
 * @param wetHours hours a day for which leaves stay wet
 * @param crowded whether plants touch
 * @param near what is near
 * @param heaterCm how far a heater is, cm; null where there is none
 * @param draughtCm how far a door or vent is that draws, cm; null where there is none
 */
@Embeddable
public record Airflow(
        @Enumerated(EnumType.STRING) @Nullable AirMovement air,
        @Nullable Double wetHours,
        @Nullable Boolean crowded,
        @JdbcTypeCode(SqlTypes.JSON) Set<Near> near,
        @Nullable Integer heaterCm,
        @Nullable Integer draughtCm) {
    static final Airflow UNKNOWN = new Airflow(null, null, null, Set.of(), null, null);

    public Airflow {
        Set<Near> inOrder = EnumSet.noneOf(Near.class);
        inOrder.addAll((Collection<Near>) near);
        near = Collections.unmodifiableSet(inOrder);
    }

    /** The same with how air moves, for how long leaves stay wet, whether plants touch and what is near. */
    Airflow moving(
            @Nullable AirMovement movement, @Nullable Double hoursWet, @Nullable Boolean touching, Set<Near> things) {
        return new Airflow(movement, hoursWet, touching, things, heaterCm, draughtCm);
    }

    /** The same with how far a heater and a draught are; what is within reach counts as near. */
    Airflow exposed(@Nullable Integer heater, @Nullable Integer draught, double reachCm) {
        Set<Near> things = EnumSet.noneOf(Near.class);
        things.addAll((Collection<Near>) near);
        change(things, Near.HEATER, heater != null && heater <= reachCm);
        change(things, Near.DOOR_DRAUGHT, draught != null && draught <= reachCm);
        return new Airflow(air, wetHours, crowded, things, heater, draught);
    }

    private static void change(Set<Near> things, Near one, boolean there) {
        things.remove(one);
        if (there) {
            things.add(one);
        }
    }
}
