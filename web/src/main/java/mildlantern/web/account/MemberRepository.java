package mildlantern.web.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Members are looked up across collections, since a sign-in is what tells the collection. */
interface MemberRepository extends Repository<Member, UUID> {
    Member save(Member member);

    @Query("select m from Member m where m.signIn = :signIn")
    Optional<Member> named(String signIn);

    List<Member> findByCollectionOrderByName(CollectionId collection);

    long count();
}
