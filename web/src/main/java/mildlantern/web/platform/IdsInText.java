package mildlantern.web.platform;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.convert.TypeDescriptor;
import org.springframework.core.convert.converter.ConditionalGenericConverter;

/** Reads ids from addresses and forms: any record that holds one UUID and nothing else. Nothing typed is no id. */
final class IdsInText implements ConditionalGenericConverter {
    @Override
    public Set<ConvertiblePair> getConvertibleTypes() {
        return Set.of(new ConvertiblePair(String.class, Record.class));
    }

    @Override
    public boolean matches(TypeDescriptor source, TypeDescriptor target) {
        RecordComponent @Nullable [] parts = target.getType().getRecordComponents();
        return parts != null && parts.length == 1 && parts[0].getType() == UUID.class;
    }

    @Override
    public @Nullable Object convert(@Nullable Object text, TypeDescriptor source, TypeDescriptor target) {
        if (text == null || text.toString().isBlank()) {
            return null;
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
