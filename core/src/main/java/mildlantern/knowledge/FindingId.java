package mildlantern.knowledge;

/** Which finding of the knowledge base, as in {@code soil.deep}. */
public record FindingId(String value) implements Comparable<FindingId> {
    /** @throws IllegalArgumentException if it is blank */
    public FindingId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("an id has at least one letter");
        }
    }

    @Override
    public int compareTo(FindingId other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
