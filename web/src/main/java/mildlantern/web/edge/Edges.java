package mildlantern.web.edge;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientException;
import java.util.Optional;
import java.util.function.Predicate;
import org.apache.catalina.connector.ClientAbortException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The outermost edge: what is too large is refused before it is read, and what fails before a page is reached is still answered in
 * plain words, as the sender's mistake where it is that.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Edges extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(Edges.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = BodyLimits.of(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            Answers.plain(request, response, BodyLimits.tooLarge(most));
            return;
        }
        try {
            chain.doFilter(request, response);
        } catch (ClientAbortException e) {
            LOG.debug("an answer was no longer waited for", e);
        } catch (ServletException | IOException | RuntimeException e) {
            Answers.plain(request, response, noPage(e).orElseGet(() -> {
                LOG.error("a request failed: {} {}", request.getMethod(), request.getRequestURI(), e);
                return OURS;
            }));
        }
    }

    /** What is answered where no page of ours can be made: without a database, or of a request that cannot be read. */
    static Optional<Answers.Wrong> noPage(Exception problem) {
        if (databaseAway(problem)) {
            LOG.warn("the database could not be reached: {}", problem.getMessage());
            return Optional.of(DATABASE_AWAY);
        }
        if (cause(problem, InvalidParameterException.class) || cause(problem, RequestRejectedException.class)) {
            LOG.info("a request could not be read: {}", problem.getMessage());
            return Optional.of(UNREADABLE);
        }
        return Optional.empty();
    }

    static final Answers.Wrong UNREADABLE = new Answers.Wrong(
            HttpStatus.BAD_REQUEST,
            "That could not be read",
            "What was sent has too many parts or is written in a way that cannot be read.",
            "Nothing was changed.");

    static final Answers.Wrong OURS = new Answers.Wrong(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Something went wrong here",
            "It is our fault, not yours. It has been written to the log.",
            "What you stored before is safe.");

    static final Answers.Wrong DATABASE_AWAY = new Answers.Wrong(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database cannot be reached",
            "It may be starting again. Wait a moment, go back and send it once more.",
            "What you stored before is safe. What you just sent was not stored.");

    /** Whether something failed because no connection to the database was to be had, or it broke. */
    private static boolean databaseAway(Throwable problem) {
        return anyCause(
                problem,
                at -> at instanceof DataAccessResourceFailureException
                        || at instanceof CannotGetJdbcConnectionException
                        || at instanceof CannotCreateTransactionException
                        || at instanceof SQLTransientException
                        // Class 08: the connection; class 57: the server is going down or coming up.
                        || at instanceof SQLException sql && connectionLost(sql));
    }

    /** The pool says of a connection that it gave up that it is closed, and gives no state. */
    private static boolean connectionLost(SQLException problem) {
        String state = problem.getSQLState();
        return state == null
                ? "Connection is closed".equals(problem.getMessage())
                : state.startsWith("08") || state.startsWith("57P");
    }

    private static boolean cause(Throwable problem, Class<? extends Throwable> type) {
        return anyCause(problem, type::isInstance);
    }

    private static boolean anyCause(Throwable problem, Predicate<Throwable> wanted) {
        for (Throwable at = problem; at != null && at.getCause() != at; at = at.getCause()) {
            if (wanted.test(at)) {
                return true;
            }
        }
        return false;
    }
}
