package mildlantern.message;

/** A constant of an enum that a person is told; its words stand in a bundle under its key. */
public interface MessageKey {
    /** The name of the constant. */
    String name();

    /** Where its words stand: its room, its enum and its constant, as in {@code treatment.Hold.FEED}. */
    default String key() {
        Class<?> type = ((Enum<?>) this).getDeclaringClass();
        String room = type.getPackageName().substring(type.getPackageName().lastIndexOf('.') + 1);
        return room + "." + type.getSimpleName() + "." + name();
    }

    /** The fact with the values that its words hold, in their order. */
    default Message with(Object... values) {
        return Message.of(this, values);
    }
}
