package mildlantern.web.account;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.UUID;
import mildlantern.web.collection.Collections;
import mildlantern.web.collection.PlantCollection;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes accounts and finds them at sign-in. */
@Service
public class AccountService implements UserDetailsService {
    private final MemberRepository members;
    private final Collections collections;
    private final PasswordEncoder passwords;
    private final Clock clock;

    AccountService(MemberRepository members, Collections collections, PasswordEncoder passwords, Clock clock) {
        this.members = members;
        this.collections = collections;
        this.passwords = passwords;
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
    public void open(UUID collection, String signIn, String name, String password) {
        members.save(new Member(
                collection,
                normal(signIn),
                name.strip(),
                String.valueOf(passwords.encode(password)),
                OffsetDateTime.now(clock)));
    }

    /** Makes the first account and its collection. Does nothing if somebody was quicker. */
    @Transactional
    void openFirst(String collectionName, String hemisphere, String signIn, String name, String password) {
        if (nobodyYet()) {
            PlantCollection collection = collections.make(UUID.randomUUID(), collectionName.strip(), hemisphere);
            open(collection.id(), signIn, name, password);
        }
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String signIn) {
        Member member =
                members.named(normal(signIn)).orElseThrow(() -> new UsernameNotFoundException("no such account"));
        String collectionName = collections.named(member.collection());
        return new SignedIn(member.collection(), collectionName, member.signIn(), member.name(), member.passwordHash());
    }

    private static String normal(String signIn) {
        return signIn.strip().toLowerCase(Locale.ROOT);
    }
}
