package mildlantern.web.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Houses;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What pages ask of each reader at every request, kept at hand. */
@Service
class Readers {
    private static final int MOST_AT_HAND = 1000;

    /**
     * A reader of pages.
     *
     * @param settings how he likes them
     * @param zone the clock of his house; empty where it is the machine's
     * @param role what he may do
     * @param until his last day in the collection; empty for good
     * @param here whether he belongs to it at all
     */
    record Reader(ReaderSettings settings, Optional<ZoneId> zone, Role role, Optional<LocalDate> until, boolean here) {
        /** Whether he may still look after the collection on a day. */
        boolean belongs(LocalDate day) {
            return here && until.filter(day::isAfter).isEmpty();
        }
    }

    private final MemberRepository members;
    private final Houses houses;
    private final Cache<String, Reader> atHand =
            Caffeine.newBuilder().maximumSize(MOST_AT_HAND).build();

    Readers(MemberRepository members, Houses houses) {
        this.members = members;
        this.houses = houses;
    }

    Reader of(SignedIn member) {
        return atHand.get(member.getUsername(), name -> read(member));
    }

    private Reader read(SignedIn member) {
        Optional<Member> found = members.named(member.getUsername());
        return new Reader(
                found.map(Member::settings).orElse(ReaderSettings.USUAL),
                houses.exists(member.collection()) ? houses.zone(member.collection()) : Optional.empty(),
                found.map(Member::role).orElse(Role.READER),
                found.map(Member::until),
                found.isPresent());
    }

    /** Stores how a reader likes pages. */
    @Transactional
    void like(SignedIn member, ReaderSettings settings) {
        members.named(member.getUsername())
                .orElseThrow(() -> new NotHere("account"))
                .like(settings);
        forget();
    }

    /** Stores the clock and the hemisphere of a house. */
    @Transactional
    void house(SignedIn member, Optional<ZoneId> zone, String hemisphere) {
        houses.clockedBy(member.collection(), zone, hemisphere);
        forget();
    }

    /** What is at hand is read afresh once this piece of writing is done. */
    void forget() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                atHand.invalidateAll();
            }
        });
    }
}
