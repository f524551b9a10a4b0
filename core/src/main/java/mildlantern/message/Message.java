package mildlantern.message;

import java.util.List;

/**
 * A fact that a person is told.
 *
 * @param what which
 * @param with the values that its words hold, in their order: numbers, quantities, days, names, constants that have words of their own,
 *     further facts, and lists of all these
 */
public record Message(MessageKey what, List<Object> with) {
    public Message {
        with = List.copyOf(with);
    }

    public static Message of(MessageKey what, Object... with) {
        return new Message(what, List.of(with));
    }
}
