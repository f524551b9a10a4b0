package mildlantern.web.account;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Members are looked up across collections, since a sign-in is what tells the collection. */
interface MemberRepository extends Repository<Member, UUID> {
    Member save(Member member);

    @Query("select m from Member m where m.signIn = :signIn")
    Optional<Member> named(String signIn);

    List<Member> findByCollectionOrderByName(CollectionId collection);

    /** All of a collection, held until the end of what asks: of two owners who lower each other at once, one stays. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select m from Member m where m.collection = :collection order by m.id")
    List<Member> held(CollectionId collection);

    @Query("select m from Member m where m.calendar = :secret")
    Optional<Member> withCalendar(String secret);

    /** Held until the end of what asks, so that of those who ask at once the second sees what the first did. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select m from Member m where m.mail = :mail")
    List<Member> withMail(String mail);

    @Query("select m from Member m where m.morning = true and m.mail is not null")
    List<Member> mailedInTheMorning();

    /** Of those who send at once, one does. */
    @Modifying
    @Query("""
            update Member m set m.mailedOn = :day
            where m.signIn = :signIn and (m.mailedOn is null or m.mailedOn < :day)""")
    int mailed(String signIn, LocalDate day);

    /** What could not be sent is tried again. */
    @Modifying
    @Query("update Member m set m.mailedOn = null where m.signIn = :signIn and m.mailedOn = :day")
    void notMailed(String signIn, LocalDate day);

    Optional<Member> findById(UUID id);

    void delete(Member member);

    long count();
}
