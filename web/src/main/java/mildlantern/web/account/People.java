package mildlantern.web.account;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.role.Role;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Those who look after a collection together: what each may do, who is asked in, who leaves. */
@Service
@Transactional
class People {
    private final MemberRepository members;
    private final OnceLinks links;
    private final Readers readers;
    private final Sessions sessions;
    private final Clock clock;

    People(MemberRepository members, OnceLinks links, Readers readers, Sessions sessions, Clock clock) {
        this.members = members;
        this.links = links;
        this.readers = readers;
        this.sessions = sessions;
        this.clock = clock;
    }

    /**
     * Somebody of a collection.
     *
     * @param until the last day in it; null for good
     * @param over whether that day is past
     */
    record Person(
            UUID id,
            String name,
            String signIn,
            Role role,
            @Nullable LocalDate until,
            boolean over) {}

    /** All of a collection, by name. */
    @Transactional(readOnly = true)
    List<Person> of(CollectionId collection) {
        LocalDate today = LocalDate.now(clock);
        return members.findByCollectionOrderByName(collection).stream()
                .map(member -> new Person(
                        member.id(),
                        member.name(),
                        member.signIn(),
                        member.role(),
                        member.until(),
                        !member.belongs(today)))
                .toList();
    }

    private Member member(CollectionId collection, UUID id) {
        return members.held(collection).stream()
                .filter(member -> member.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("person"));
    }

    /** Whether a collection would be left without an owner for good if this one were none. */
    private boolean lastOwner(Member member) {
        return member.role() == Role.OWNER
                && members.held(member.collection()).stream()
                        .filter(other -> !other.id().equals(member.id()))
                        .noneMatch(other -> other.role() == Role.OWNER && other.until() == null);
    }

    /**
     * Lets somebody do what a role lets do, until a day.
     *
     * @return false if he is the last owner and would be none; then nothing is changed
     */
    boolean mayDo(CollectionId collection, UUID id, Role role, Optional<LocalDate> until) {
        Member member = member(collection, id);
        if (lastOwner(member) && (role != Role.OWNER || until.isPresent())) {
            return false;
        }
        member.mayDo(role, until.orElse(null));
        readers.forget();
        return true;
    }

    /**
     * Lets somebody sign in no more. What he wrote stays.
     *
     * @return false if he is the last owner; then nothing is changed
     */
    boolean leave(CollectionId collection, UUID id) {
        Member member = member(collection, id);
        if (lastOwner(member)) {
            return false;
        }
        members.delete(member);
        readers.forget();
        sessions.end(member.signIn());
        return true;
    }

    /** The secret of a link with which somebody chooses a new password; the one of before still lets in until then. */
    String newPassword(CollectionId collection, UUID id) {
        return links.newPassword(collection, member(collection, id).id());
    }
}
