package mildlantern.web.account;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.web.stop.Houses;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets in whoever comes by a link, once. */
@Service
@Transactional
class Joining {
    /** Nobody's mailbox is filled by somebody else's asking. */
    private static final Duration BETWEEN_LETTERS = Duration.ofMinutes(5);

    private final AccountService accounts;
    private final MemberRepository members;
    private final OnceLinks links;
    private final Houses houses;
    private final Clock clock;

    Joining(AccountService accounts, MemberRepository members, OnceLinks links, Houses houses, Clock clock) {
        this.accounts = accounts;
        this.members = members;
        this.links = links;
        this.houses = houses;
        this.clock = clock;
    }

    /** A collection of one's own. */
    record OwnCollection(String name, String hemisphere) {}

    /** The name of the collection that a link was made in. */
    @Transactional(readOnly = true)
    String named(OnceLinks.Link link) {
        return houses.named(link.collection());
    }

    /**
     * Makes the account of somebody who was invited.
     *
     * @return false if the user name is taken, or the link was used just now; then nothing was made
     */
    boolean join(String secret, OnceLinks.Link link, AccountService.NewAccount account, Optional<OwnCollection> own) {
        if (accounts.taken(account.signIn()) || !links.use(secret)) {
            return false;
        }
        link.role()
                .ifPresentOrElse(
                        role -> accounts.open(link.collection(), role, link.until(), account),
                        () -> own.ifPresent(house -> accounts.openWithCollection(
                                house.name(),
                                house.hemisphere(),
                                account.signIn(),
                                account.name(),
                                account.password())));
        return true;
    }

    /**
     * Gives whoever came by a link to it a new password.
     *
     * @return false if the link was used or has run out; then nothing is changed
     */
    boolean renew(String secret, String password) {
        Optional<OnceLinks.Link> link = links.open(OnceLinks.Kind.NEW_PASSWORD, secret);
        if (link.isEmpty() || !links.use(secret)) {
            return false;
        }
        link.get().member().ifPresent(id -> accounts.newPassword(id, password));
        return true;
    }

    /** A letter with a link to a new password. */
    record Letter(String to, String subject, String text) {}

    /** Letters with links to new passwords, for those whose address it is, if any; to be sent once the links are stored. */
    List<Letter> letters(String mail, String start) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        return members.withMail(mail.strip().toLowerCase(Locale.ROOT)).stream()
                .filter(member -> member.belongs(now.toLocalDate()))
                .filter(member -> !links.madeSince(member.id(), now.minus(BETWEEN_LETTERS)))
                .map(member -> new Letter(
                        member.mail(),
                        Wording.say("account.letter.subject"),
                        Wording.say(
                                "account.letter.text",
                                member.name(),
                                member.signIn(),
                                start + links.newPassword(member.collection(), member.id()))))
                .toList();
    }
}
