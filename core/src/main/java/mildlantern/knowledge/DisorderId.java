package mildlantern.knowledge;

/** Which disorder of the knowledge base, as in {@code root-loss}. */
public record DisorderId(String value) implements Comparable<DisorderId> {
    /** @throws IllegalArgumentException if it is blank */
    public DisorderId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("an id has at least one letter");
        }
    }

    @Override
    public int compareTo(DisorderId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
