package mildlantern.web.platform;

import java.sql.SQLException;
import java.time.Duration;
import java.util.concurrent.ThreadLocalRandom;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Does a piece of writing once more where the database put it aside because another wrote in the same moment: a deadlock that was
 * broken, a row that was changed in between, a key that was taken in between. What was done before it was put aside is undone, so
 * that every attempt begins afresh.
 */
public final class Attempts {
    private static final Logger LOG = LoggerFactory.getLogger(Attempts.class);
    private static final int MOST = 8;
    private static final String UNIQUE_KEY_TAKEN = "23505";
    private static final Duration FIRST_PAUSE = Duration.ofMillis(15);

    private Attempts() {}

    /** A piece of writing in a transaction of its own. */
    @FunctionalInterface
    public interface Writing {
        @Nullable
        Object run() throws Throwable;
    }

    /**
     * @param writing opens a transaction of its own; within one that is open it is run once, since only the outermost can begin afresh
     * @throws Throwable what it throws, after the last attempt
     */
    public static @Nullable Object at(Writing writing) throws Throwable {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return writing.run();
        }
        for (int attempt = 1; ; attempt++) {
            try {
                return writing.run();
            } catch (DataAccessException e) {
                if (attempt == MOST || !metAnother(e)) {
                    throw e;
                }
                LOG.debug("attempt {} was put aside", attempt, e);
                pause(attempt);
            }
        }
    }

    /** Whether what went wrong may go right once the other has gone on. */
    private static boolean metAnother(DataAccessException problem) {
        return problem instanceof ConcurrencyFailureException
                || NestedExceptionUtils.getMostSpecificCause(problem) instanceof SQLException cause
                        && UNIQUE_KEY_TAKEN.equals(cause.getSQLState());
    }

    private static void pause(int attempt) throws InterruptedException {
        // Two that met once would meet again after equal pauses.
        long most = FIRST_PAUSE.toMillis() << Math.min(attempt, 5);
        Thread.sleep(ThreadLocalRandom.current().nextLong(1, most + 1));
    }
}
