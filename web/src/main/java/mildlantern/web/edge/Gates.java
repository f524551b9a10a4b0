package mildlantern.web.edge;

import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;

/**
 * Lets only so many at once do what costs much memory or a place at the database; the others wait in the order in which they came, and hold
 * nothing meanwhile. So a table of any size costs no more than one table, however many are sent.
 */
@Component
public class Gates {
    private final Gate tables = new Gate(1);
    private final Gate exports = new Gate(2);
    private final Gate archives = new Gate(1);
    private final Gate pictures = new Gate(1);

    /** For reading a table into memory. */
    public Gate tables() {
        return tables;
    }

    /** For writing everything of a collection into a file. */
    public Gate exports() {
        return exports;
    }

    /** For taking an archive in. */
    public Gate archives() {
        return archives;
    }

    /** For unfolding a picture in memory. */
    public Gate pictures() {
        return pictures;
    }

    /** Something to do behind a gate. */
    @FunctionalInterface
    public interface Work<T, X extends Exception> {
        T run() throws X;
    }

    /** One gate. */
    public static final class Gate {
        private final Semaphore places;

        Gate(int many) {
            places = new Semaphore(many, true);
        }

        /** Waits for a place and does it. Not within a transaction: it would hold a connection while it waits. */
        public <T, X extends Exception> T behind(Work<T, X> work) throws X {
            places.acquireUninterruptibly();
            try {
                return work.run();
            } finally {
                places.release();
            }
        }
    }
}
