package mildlantern.web.edge;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes guessing passwords slow: after some failures each further try waits twice as long, for the account and for the address. Kept in
 * the database, so that it holds however many instances serve.
 */
@Component
class SignInTries {
    /** Failures that cost nothing: people mistype. */
    private static final int FREE_FOR_ACCOUNT = 5;

    /** A household shares an address. */
    private static final int FREE_FOR_ADDRESS = 30;

    /** No longer, or a stranger could keep somebody out of his own account. */
    private static final Duration LONGEST_FOR_ACCOUNT = Duration.ofMinutes(1);

    private static final Duration LONGEST_FOR_ADDRESS = Duration.ofMinutes(15);
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);

    private final JdbcClient jdbc;
    private final Clock clock;

    SignInTries(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** How long whoever tries has to wait; zero where he need not. */
    @Transactional(readOnly = true)
    public Duration wait(String signIn, String address) {
        return jdbc.sql("select max(free_at) from sign_in_try where who in (?, ?) and free_at > ?")
                .params(account(signIn), address(address), OffsetDateTime.now(clock))
                .query(OffsetDateTime.class)
                .optional()
                .map(free -> Duration.between(OffsetDateTime.now(clock), free))
                .orElse(Duration.ZERO);
    }

    /** A try failed. */
    @Transactional
    public void failed(String signIn, String address) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        jdbc.sql("delete from sign_in_try where last_at < ?")
                .param(now.minus(FORGOTTEN_AFTER))
                .update();
        count(address(address), FREE_FOR_ADDRESS, LONGEST_FOR_ADDRESS, now);
        count(account(signIn), FREE_FOR_ACCOUNT, LONGEST_FOR_ACCOUNT, now);
    }

    private void count(String who, int free, Duration longest, OffsetDateTime now) {
        jdbc.sql("""
                        insert into sign_in_try (who, failures, last_at, free_at) values (:who, 1, :now, :now)
                        on conflict (who) do update set failures = sign_in_try.failures + 1, last_at = :now,
                            free_at = :now + case when sign_in_try.failures + 1 < :free then interval '0'
                                else least(:longest, power(2, least(sign_in_try.failures + 1 - :free, 20))) * interval '1 second' end
                        """)
                .param("who", who)
                .param("now", now)
                .param("free", free)
                .param("longest", longest.toSeconds())
                .update();
    }

    /** A try succeeded: the account's failures are forgotten. */
    @Transactional
    public void succeeded(String signIn) {
        jdbc.sql("delete from sign_in_try where who in (:who)")
                .param("who", List.of(account(signIn)))
                .update();
    }

    /** What was typed can be of any length and need not be kept. */
    private static String account(String signIn) {
        return "account "
                + UUID.nameUUIDFromBytes(signIn.strip().toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8));
    }

    private static String address(String address) {
        return "address " + address;
    }
}
