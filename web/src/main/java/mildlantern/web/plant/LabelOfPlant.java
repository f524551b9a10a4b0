package mildlantern.web.plant;

import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;

/**
 * What a plant is called.
 *
 * @param cultivar beyond its kind
 * @param accession its number in the collection
 * @param source where it came from
 */
@Embeddable
public record LabelOfPlant(
        String name,
        @Nullable String cultivar,
        @Nullable String accession,
        @Nullable String source) {}
