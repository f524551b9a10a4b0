package mildlantern.web.platform;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import org.jspecify.annotations.Nullable;

/** How ids stand in columns: as the bare number that they hold. */
final class StoredIds {
    private StoredIds() {}

    @Converter(autoApply = true)
    static final class OfPlantId implements AttributeConverter<@Nullable PlantId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable PlantId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable PlantId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new PlantId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfStopId implements AttributeConverter<@Nullable StopId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable StopId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable StopId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new StopId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfCollectionId implements AttributeConverter<@Nullable CollectionId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable CollectionId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable CollectionId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new CollectionId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfCaseId implements AttributeConverter<@Nullable CaseId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable CaseId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable CaseId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new CaseId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfCourseId implements AttributeConverter<@Nullable CourseId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable CourseId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable CourseId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new CourseId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfEntryId implements AttributeConverter<@Nullable EntryId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable EntryId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable EntryId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new EntryId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfBatchId implements AttributeConverter<@Nullable BatchId, @Nullable UUID> {
        @Override
        public @Nullable UUID convertToDatabaseColumn(@Nullable BatchId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable BatchId convertToEntityAttribute(@Nullable UUID value) {
            return value == null ? null : new BatchId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfFindingId implements AttributeConverter<@Nullable FindingId, @Nullable String> {
        @Override
        public @Nullable String convertToDatabaseColumn(@Nullable FindingId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable FindingId convertToEntityAttribute(@Nullable String value) {
            return value == null ? null : new FindingId(value);
        }
    }

    @Converter(autoApply = true)
    static final class OfDisorderId implements AttributeConverter<@Nullable DisorderId, @Nullable String> {
        @Override
        public @Nullable String convertToDatabaseColumn(@Nullable DisorderId id) {
            return id == null ? null : id.value();
        }

        @Override
        public @Nullable DisorderId convertToEntityAttribute(@Nullable String value) {
            return value == null ? null : new DisorderId(value);
        }
    }
}
