package mildlantern.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import mildlantern.web.account.AccountController.FirstVisit;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Houses;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.validation.BeanPropertyBindingResult;

class AccountControllerTest {
    private final AccountService accounts = mock(AccountService.class);
    private final AccountController controller = new AccountController(accounts);

    private static Reply reply() {
        return new Reply(new ExtendedModelMap(), new MockHttpServletRequest(), new MockHttpServletResponse());
    }

    @Test
    void theFirstVisitMakesTheFirstAccount_andOnlyTheFirst() {
        when(accounts.nobodyYet()).thenReturn(true);
        assertThat(controller.signIn("", reply())).isEqualTo("redirect:/welcome");
        assertThat(controller.welcome(reply())).isEqualTo("account/welcome");
        when(accounts.nobodyYet()).thenReturn(false);
        assertThat(controller.signIn("", reply())).isEqualTo("account/sign-in");
        assertThat(controller.welcome(reply())).isEqualTo("redirect:/");
    }

    @Test
    void aVisitWithProblemsIsShownAgain() {
        FirstVisit visit = new FirstVisit("", "north", "Ann", "ann", "short");
        BeanPropertyBindingResult problems = new BeanPropertyBindingResult(visit, "visit");
        problems.rejectValue("collectionName", "missing");
        assertThat(controller.open(visit, problems, reply())).isEqualTo("account/welcome");
        verify(accounts, never()).openFirst(anyString(), anyString(), anyString(), anyString(), anyString());
    }

    @Test
    void namesAreFoundWhateverTheirCase() {
        MemberRepository members = mock(MemberRepository.class);
        Houses collections = mock(Houses.class);
        PasswordEncoder passwords = mock(PasswordEncoder.class);
        AccountService service = new AccountService(
                members, collections, mock(Sessions.class), passwords, mock(JdbcClient.class), Clock.systemUTC());
        CollectionId collection = CollectionId.fresh();
        Member ann =
                new Member(collection, "ann", "Ann", "{hash}", Role.OWNER, null, OffsetDateTime.now(Clock.systemUTC()));
        when(members.named("ann")).thenReturn(Optional.of(ann));
        when(collections.named(eq(collection))).thenReturn("House");
        assertThat(((SignedIn) service.loadUserByUsername("  ANN ")).collection())
                .isEqualTo(collection);
        Assertions.assertThatThrownBy(() -> service.loadUserByUsername("nobody"))
                .isInstanceOf(UsernameNotFoundException.class);
    }
}
