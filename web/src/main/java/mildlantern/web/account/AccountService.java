package mildlantern.web.account;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Houses;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsPasswordService;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts and finds them at sign-in. */
@Service
public class AccountService implements UserDetailsService, UserDetailsPasswordService {
    private final MemberRepository members;
    private final Houses houses;
    private final Sessions sessions;
    private final PasswordEncoder passwords;
    private final JdbcClient jdbc;
    private final Clock clock;

    AccountService(
            MemberRepository members,
            Houses houses,
            Sessions sessions,
            PasswordEncoder passwords,
            JdbcClient jdbc,
            Clock clock) {
        this.members = members;
        this.houses = houses;
        this.sessions = sessions;
        this.passwords = passwords;
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Whether nobody has an account yet: then, and only then, the first visit makes one. */
    @Transactional(readOnly = true)
    public boolean nobodyYet() {
        return members.count() == 0;
    }

    /**
     * Makes the account of somebody who owns a collection.
     *
     * @param signIn what to sign in with; case plays no part
     */
    @Transactional
    public void open(CollectionId collection, String signIn, String name, String password) {
        open(collection, Role.OWNER, Optional.empty(), new NewAccount(signIn, name, password));
    }

    /**
     * Somebody who gets an account.
     *
     * @param signIn what to sign in with; case plays no part
     */
    public record NewAccount(String signIn, String name, String password) {}

    /** Makes an account on a collection, with what its person may do there and until when. */
    @Transactional
    public void open(CollectionId collection, Role role, Optional<LocalDate> until, NewAccount account) {
        members.save(new Member(
                collection,
                normal(account.signIn()),
                account.name().strip(),
                String.valueOf(passwords.encode(account.password())),
                role,
                until.orElse(null),
                OffsetDateTime.now(clock)));
    }

    /**
     * Makes the first account and its collection.
     *
     * @return false if somebody was quicker: then nothing was made
     */
    @Transactional
    boolean openFirst(String collectionName, String hemisphere, String signIn, String name, String password) {
        // Of those who come first at once, one is.
        jdbc.sql("select pg_advisory_xact_lock(hashtextextended('the first account', 0))")
                .query()
                .singleRow();
        if (!nobodyYet()) {
            return false;
        }
        openWithCollection(collectionName, hemisphere, signIn, name, password);
        return true;
    }

    /** Makes an account with an empty collection of its own. */
    @Transactional
    void openWithCollection(String collectionName, String hemisphere, String signIn, String name, String password) {
        CollectionId collection = CollectionId.fresh();
        houses.make(collection, collectionName.strip(), hemisphere);
        open(collection, signIn, name, password);
    }

    /** Whether somebody signs in with this already. */
    @Transactional(readOnly = true)
    public boolean taken(String signIn) {
        return members.named(normal(signIn)).isPresent();
    }

    /**
     * Changes a password.
     *
     * @return false if the old one is not right; then nothing is changed
     */
    @Transactional
    boolean changePassword(String signIn, String old, String fresh) {
        Member member = members.named(signIn).orElseThrow(() -> new NotHere("account"));
        if (!passwords.matches(old, member.passwordHash())) {
            return false;
        }
        member.passwordIs(String.valueOf(passwords.encode(fresh)));
        return true;
    }

    /** Who somebody is, as he would change it. */
    @Transactional(readOnly = true)
    OwnAccountController.Self self(String signIn) {
        Member member = members.named(signIn).orElseThrow(() -> new NotHere("account"));
        return new OwnAccountController.Self(
                member.name(), Objects.requireNonNullElse(member.mail(), ""), member.morning());
    }

    /** Somebody is called so from now on, and gets mail there. */
    @Transactional
    void isCalled(String signIn, OwnAccountController.Self self) {
        Optional<String> mail =
                Optional.ofNullable(self.mail()).map(AccountService::normal).filter(address -> !address.isEmpty());
        members.named(signIn)
                .orElseThrow(() -> new NotHere("account"))
                .isCalled(
                        self.name().strip(),
                        mail.orElse(null),
                        mail.isPresent() && Boolean.TRUE.equals(self.morning()));
    }

    /** Gives somebody whom a link names a new password, and signs him out everywhere. */
    @Transactional
    void newPassword(UUID id, String fresh) {
        Member member = members.findById(id).orElseThrow(() -> new NotHere("account"));
        member.passwordIs(String.valueOf(passwords.encode(fresh)));
        sessions.end(member.signIn());
    }

    /** Stores a hash that was made anew at sign-in, where it was of an older kind. */
    @Override
    @Transactional
    public UserDetails updatePassword(UserDetails user, @Nullable String hash) {
        members.named(user.getUsername()).ifPresent(member -> member.passwordIs(String.valueOf(hash)));
        return user;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String signIn) {
        Member member =
                members.named(normal(signIn)).orElseThrow(() -> new UsernameNotFoundException("no such account"));
        if (!member.belongs(LocalDate.now(clock))) {
            throw new UsernameNotFoundException("no longer of this collection");
        }
        return signedIn(member);
    }

    private SignedIn signedIn(Member member) {
        return new SignedIn(
                member.collection(),
                houses.named(member.collection()),
                member.signIn(),
                member.name(),
                member.passwordHash());
    }

    private static String normal(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
