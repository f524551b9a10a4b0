package mildlantern.knowledge;

/** Something in a knowledge file is missing, unknown or out of range; the message names file and key. */
public final class KnowledgeException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public KnowledgeException(String where, String problem) {
        super(where + ": " + problem);
    }

    public KnowledgeException(String where, String problem, Throwable cause) {
        super(where + ": " + problem, cause);
    }
}
