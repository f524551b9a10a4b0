package mildlantern.web.platform;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import org.jspecify.annotations.Nullable;
import org.springframework.core.convert.TypeDescriptor;
import org.springframework.core.convert.converter.ConditionalGenericConverter;

/**
 * Reads ids from addresses and forms: any record that holds one UUID and nothing else, and those of the knowledge base. Nothing typed
 * is no id.
 */
final class IdsInText implements ConditionalGenericConverter {
    private static final Map<Class<?>, Function<String, Object>> READ_AS_THEY_ARE =
            Map.of(FindingId.class, FindingId::new, DisorderId.class, DisorderId::new);

    @Override
    public Set<ConvertiblePair> getConvertibleTypes() {
        return Set.of(new ConvertiblePair(String.class, Record.class));
    }

    @Override
    public boolean matches(TypeDescriptor source, TypeDescriptor target) {
        if (READ_AS_THEY_ARE.containsKey(target.getType())) {
            return true;
        }
        RecordComponent @Nullable [] parts = target.getType().getRecordComponents();
        return parts != null && parts.length == 1 && parts[0].getType() == UUID.class;
    }

    @Override
    public @Nullable Object convert(@Nullable Object text, TypeDescriptor source, TypeDescriptor target) {
        if (text == null || text.toString().isBlank()) {
            return null;
        }
        Function<String, Object> known = READ_AS_THEY_ARE.get(target.getType());
        if (known != null) {
            return known.apply(text.toString().strip());
        }
        UUID value = UUID.fromString(text.toString().strip());
        try {
            return target.getType().getDeclaredConstructor(UUID.class).newInstance(value);
        } catch (NoSuchMethodException
                | InstantiationException
                | IllegalAccessException
                | InvocationTargetException e) {
            throw new IllegalStateException("cannot make " + target, e);
        }
    }
}
