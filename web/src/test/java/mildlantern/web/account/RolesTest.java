package mildlantern.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.Role;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Each person of a collection does what his role lets him do, until his last day, and the record says who wrote it. */
@LanternTest
class RolesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private AccountService accounts;

    @Autowired
    private People people;

    @Autowired
    private Clock clock;

    @Autowired
    private MovableClock movable;

    private Growers.Grower owner;

    @BeforeEach
    void aGrower() {
        owner = growers.grower();
    }

    @AfterEach
    void theDayIsTodayAgain() {
        movable.reset();
    }

    private SignedIn somebody(Role role, Optional<LocalDate> until) {
        String name = role.name().toLowerCase(Locale.ROOT) + "-" + UUID.randomUUID();
        accounts.open(
                owner.member().collection(),
                role,
                until,
                new AccountService.NewAccount(name, "Robin", Growers.PASSWORD));
        return (SignedIn) accounts.loadUserByUsername(name);
    }

    private ResultActions watered(SignedIn who) throws Exception {
        return mvc.perform(post("/quick")
                .with(user(who))
                .with(csrf())
                .param("form", UUID.randomUUID().toString())
                .param("plant", owner.plant().id().toString())
                .param("line", "watered 210"));
    }

    private ResultActions edited(SignedIn who) throws Exception {
        return mvc.perform(post("/stops").with(user(who)).with(csrf()).param("name", "Shelf"));
    }

    private ResultActions invited(SignedIn who) throws Exception {
        return mvc.perform(
                post("/people/invitations").with(user(who)).with(csrf()).param("as", "READER"));
    }

    @Test
    void aReaderLooks_aHelperWritesTheRecord_aKeeperAlsoChangesTheHouse_anOwnerAlsoItsPeople() throws Exception {
        SignedIn reader = somebody(Role.READER, Optional.empty());
        SignedIn helper = somebody(Role.HELPER, Optional.empty());
        SignedIn keeper = somebody(Role.KEEPER, Optional.empty());
        for (SignedIn one : List.of(reader, helper, keeper, owner.member())) {
            mvc.perform(get("/").with(user(one))).andExpect(status().isOk());
        }
        watered(reader).andExpect(status().isForbidden());
        watered(helper).andExpect(status().is3xxRedirection());
        edited(helper).andExpect(status().isForbidden());
        edited(keeper)
                .andExpect(
                        result -> assertThat(result.getResponse().getStatus()).isNotEqualTo(403));
        invited(keeper).andExpect(status().isForbidden());
        invited(owner.member()).andExpect(redirectedUrl("/people"));
        for (SignedIn one : List.of(helper, keeper)) {
            mvc.perform(post("/plants/" + owner.plant().id() + "/delete")
                            .with(user(one))
                            .with(csrf()))
                    .andExpect(status().isForbidden());
        }
        mvc.perform(get("/people").with(user(keeper))).andExpect(status().isForbidden());
        mvc.perform(get("/exchange/archive.zip").with(user(helper))).andExpect(status().isForbidden());
    }

    @Test
    void theRecordSaysWhoWroteAnEntry() throws Exception {
        watered(somebody(Role.HELPER, Optional.empty()));
        assertThat(mvc.perform(get("/plants/" + owner.plant().id() + "/record").with(user(owner.member())))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("watered 210 mL")
                .contains(">Robin</td>");
    }

    @Test
    void aChangeOfRoleCountsAtOnce_andAHelperLeavesAfterHisLastDay() throws Exception {
        LocalDate today = LocalDate.now(clock);
        SignedIn helper = somebody(Role.KEEPER, Optional.of(today.plusDays(2)));
        edited(helper)
                .andExpect(
                        result -> assertThat(result.getResponse().getStatus()).isNotEqualTo(403));
        UUID id = people.of(owner.member().collection()).stream()
                .filter(person -> person.signIn().equals(helper.getUsername()))
                .findFirst()
                .orElseThrow()
                .id();
        mvc.perform(post("/people/" + id)
                .with(user(owner.member()))
                .with(csrf())
                .param("role", "HELPER")
                .param("until", today.plusDays(2).toString()));
        edited(helper).andExpect(status().isForbidden());
        movable.moveDays(2);
        watered(helper).andExpect(redirectedUrl("/plants/" + owner.plant().id()));
        movable.moveDays(1);
        watered(helper).andExpect(redirectedUrl("/sign-in?ended"));
        assertThatThrownBy(() -> accounts.loadUserByUsername(helper.getUsername()))
                .isInstanceOf(UsernameNotFoundException.class);
    }

    @Test
    void aCollectionNeverLosesItsLastOwner_andNobodyTouchesPeopleOfAnother() throws Exception {
        UUID id = people.of(owner.member().collection()).get(0).id();
        for (String[] press : new String[][] {{"", "READER"}, {"/leave", "READER"}}) {
            mvc.perform(post("/people/" + id + press[0])
                    .with(user(owner.member()))
                    .with(csrf())
                    .param("role", press[1]));
            assertThat(people.of(owner.member().collection()).get(0).role()).isEqualTo(Role.OWNER);
        }
        Growers.Grower stranger = growers.grower();
        mvc.perform(post("/people/" + id + "/new-password")
                        .with(user(stranger.member()))
                        .with(csrf()))
                .andExpect(status().isNotFound());
    }

    private UUID idOf(SignedIn member) {
        return people.of(member.collection()).stream()
                .filter(person -> person.signIn().equals(member.getUsername()))
                .findFirst()
                .orElseThrow()
                .id();
    }

    @Test
    void anOwnerForSomeDaysCanBeSentAway_butOfTwoOwnersWhoLowerEachOtherAtOnceOneStays() throws Exception {
        SignedIn forDays = somebody(Role.OWNER, Optional.of(LocalDate.now(clock).plusDays(3)));
        assertThat(people.leave(owner.member().collection(), idOf(forDays))).isTrue();

        SignedIn second = somebody(Role.OWNER, Optional.empty());
        List<UUID> both = List.of(idOf(owner.member()), idOf(second));
        AtOnce.each(
                2,
                number -> () ->
                        people.mayDo(owner.member().collection(), both.get(number), Role.READER, Optional.empty()));
        assertThat(people.of(owner.member().collection()))
                .extracting(People.Person::role)
                .contains(Role.OWNER);
    }

    @Test
    void aLinkLetsInWhoeverOpensIt_alsoWhereAReaderIsSignedIn() throws Exception {
        SignedIn reader = somebody(Role.READER, Optional.empty());
        mvc.perform(post("/invited/gone").with(user(reader)).with(csrf())).andExpect(status().isNotFound());
    }

    @ParameterizedTest
    @CsvSource({
        "21, 7, 6, false",
        "21, 7, 7, true",
        "21, 7, 20, true",
        "21, 7, 21, false",
        "1, 6, 0, false",
        "1, 6, 6, true",
        "0, 0, 0, true"
    })
    void theMorningComesWhenQuietHoursEnd(int from, int to, int hour, boolean came) {
        assertThat(new ReaderSettings.Quiet(from, to).morningCame(hour)).isEqualTo(came);
    }
}
