package mildlantern.web.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.role.Role;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links that let somebody in once: into a collection, or to a new password. Of each only a digest is kept. */
@Service
@Transactional
class OnceLinks {
    private static final Duration INVITATION_LASTS = Duration.ofDays(7);
    private static final Duration PASSWORD_LASTS = Duration.ofHours(2);
    private static final int SECRET_BYTES = 24;

    private final JdbcClient jdbc;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    OnceLinks(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** What a link is for. */
    enum Kind {
        INVITATION,
        NEW_PASSWORD
    }

    /**
     * A link that was not used yet and has not run out.
     *
     * @param collection that it leads into; for an invitation to a collection of one's own, that of whoever invites
     * @param role in it; empty for a collection of one's own, and for a new password
     * @param until the last day in it; empty for good
     * @param member whose password it renews
     */
    record Link(CollectionId collection, Optional<Role> role, Optional<LocalDate> until, Optional<UUID> member) {}

    /** A secret that nobody guesses, for an address. */
    String secret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Makes an invitation; one without a role is to a collection of one's own. Gives its secret, which is shown once. */
    String invite(CollectionId collection, Optional<Role> role, Optional<LocalDate> until) {
        return make(Kind.INVITATION, new Link(collection, role, until, Optional.empty()), INVITATION_LASTS);
    }

    /** Makes a link to a new password; earlier ones of the same person end. */
    String newPassword(CollectionId collection, UUID member) {
        jdbc.sql("delete from once_link where member_id = ? and used_at is null")
                .param(member)
                .update();
        return make(
                Kind.NEW_PASSWORD,
                new Link(collection, Optional.empty(), Optional.empty(), Optional.of(member)),
                PASSWORD_LASTS);
    }

    private String make(Kind kind, Link link, Duration lasts) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        jdbc.sql("delete from once_link where expires_at < ?")
                .param(now.minusDays(30))
                .update();
        String secret = secret();
        jdbc.sql("""
                        insert into once_link (secret_digest, collection_id, kind, role, until, member_id, created_at, expires_at)
                        values (:digest, :collection, :kind, :role, :until, :member, :now, :expires)""")
                .param("digest", digest(secret))
                .param("collection", link.collection().value())
                .param("kind", kind.name())
                .param("role", link.role().map(Role::name).orElse(null), Types.VARCHAR)
                .param("until", link.until().orElse(null), Types.DATE)
                .param("member", link.member().orElse(null), Types.OTHER)
                .param("now", now)
                .param("expires", now.plus(lasts))
                .update();
        return secret;
    }

    /** Whether a link to a new password was made for somebody since then. */
    @Transactional(readOnly = true)
    boolean madeSince(UUID member, OffsetDateTime then) {
        return jdbc.sql("select exists (select 1 from once_link where member_id = ? and created_at > ?)")
                .params(member, then)
                .query(Boolean.class)
                .single();
    }

    /** The link of a secret, if it still opens. */
    @Transactional(readOnly = true)
    Optional<Link> open(Kind kind, String secret) {
        return jdbc.sql("""
                        select collection_id, role, until, member_id from once_link
                        where secret_digest = ? and kind = ? and used_at is null and expires_at > ?""")
                .params(digest(secret), kind.name(), OffsetDateTime.now(clock))
                .query((row, number) -> new Link(
                        new CollectionId(row.getObject("collection_id", UUID.class)),
                        Optional.ofNullable(row.getString("role")).map(Role::valueOf),
                        Optional.ofNullable(row.getObject("until", LocalDate.class)),
                        Optional.ofNullable(row.getObject("member_id", UUID.class))))
                .optional();
    }

    /** Uses a link up. Of those who try at once, one does. */
    boolean use(String secret) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        return jdbc.sql(
                                "update once_link set used_at = ? where secret_digest = ? and used_at is null and expires_at > ?")
                        .params(now, digest(secret), now)
                        .update()
                == 1;
    }

    private static String digest(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
