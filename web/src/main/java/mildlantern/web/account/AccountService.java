package mildlantern.web.account;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
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
    private final PasswordEncoder passwords;
    private final JdbcClient jdbc;
    private final Clock clock;

    AccountService(MemberRepository members, Houses houses, PasswordEncoder passwords, JdbcClient jdbc, Clock clock) {
        this.members = members;
        this.houses = houses;
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
     * Makes an account on a collection.
     *
     * @param signIn what to sign in with; case plays no part
     */
    @Transactional
    public void open(CollectionId collection, String signIn, String name, String password) {
        members.save(new Member(
                collection,
                normal(signIn),
                name.strip(),
                String.valueOf(passwords.encode(password)),
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

    /** Those who look after a collection together, by name. */
    @Transactional(readOnly = true)
    List<String> people(CollectionId collection) {
        return members.findByCollectionOrderByName(collection).stream()
                .map(member -> member.name() + " (" + member.signIn() + ")")
                .toList();
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
        String collectionName = houses.named(member.collection());
        return new SignedIn(member.collection(), collectionName, member.signIn(), member.name(), member.passwordHash());
    }

    private static String normal(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
