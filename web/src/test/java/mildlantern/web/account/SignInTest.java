package mildlantern.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.web.AtOnce;
import mildlantern.web.SecondInstance;
import mildlantern.web.Visit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A new installation: the first account among several who want it, passwords of any length, guessing, a password that is changed. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SignInTest {
    /** Longer than the seventy-two bytes at which some hashes end, and in a script of two bytes a letter. */
    private static final String LONG =
            "Под старым фонарём на пристани растёт папоротник, и никто не знает, кто его поливает";

    private static SecondInstance fresh;
    private static JdbcClient database;

    @BeforeAll
    static void anEmptyInstallation() {
        String url = SecondInstance.emptyDatabase();
        fresh = SecondInstance.on(url);
        database = SecondInstance.client(url);
    }

    @AfterAll
    static void end() {
        fresh.close();
    }

    private static String visitOf(String name) {
        return "collectionName=House&hemisphere=north&name=" + name + "&signIn=" + name + "&password="
                + Visit.encoded(LONG);
    }

    @Test
    @Order(1)
    void ofEightWhoWantTheFirstAccountOneGetsIt_andTheOthersAreToldSo() throws Exception {
        List<Visit> visits = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Visit visit = new Visit(fresh.port());
            visit.open("/welcome");
            visits.add(visit);
        }
        List<String> pages = AtOnce.each(
                8,
                i -> () -> visits.get(i).form("/welcome", visitOf("grower" + i)).body());
        assertThat(pages)
                .filteredOn(page -> page.contains("Your account is ready"))
                .hasSize(1);
        assertThat(pages)
                .filteredOn(page -> page.contains("Somebody else has created the first account"))
                .hasSize(7);
        assertThat(count("member")).isEqualTo(1);
        assertThat(count("collection")).isEqualTo(1);
        database.sql("update member set sign_in = 'ann', name = 'Ann'").update();
    }

    private static int count(String table) {
        return database.sql("select count(*) from " + table)
                .query(Integer.class)
                .single();
    }

    @Test
    @Order(2)
    void aPasswordOfAnyLengthAndScriptLetsIn_andOnlyTheWholeOfIt() throws Exception {
        assertThat(database.sql("select password_hash from member")
                        .query(String.class)
                        .single())
                .startsWith("{pbkdf2}");
        assertThat(new Visit(fresh.port()).signIn("ann", LONG).body()).contains("Sign out");
        assertThat(new Visit(fresh.port())
                        .signIn("ann", LONG.substring(0, LONG.length() - 1))
                        .body())
                .contains("User name or password is wrong");
    }

    @Test
    @Order(3)
    void aVisitorWhoDoesNotSignInLeavesNoSessionForLong() throws Exception {
        new Visit(fresh.port()).open("/sign-in");
        assertThat(database.sql("select max(max_inactive_interval) from spring_session where principal_name is null")
                        .query(Integer.class)
                        .single())
                .isEqualTo(30 * 60);
        assertThat(database.sql("select max(max_inactive_interval) from spring_session where principal_name = 'ann'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(14 * 24 * 3600);
    }

    @Test
    @Order(4)
    void aChangedPasswordSignsOutWhoeverElseWasSignedIn() throws Exception {
        Visit elsewhere = new Visit(fresh.port());
        elsewhere.signIn("ann", LONG);
        Visit here = new Visit(fresh.port());
        here.signIn("ann", LONG);
        here.open("/account");
        assertThat(here.form("/account/password", "old=wrong&fresh=another+long+one")
                        .body())
                .contains("That is not your current password.");
        here.open("/account");
        assertThat(here.form("/account/password", "old=" + Visit.encoded(LONG) + "&fresh=another+long+one")
                        .body())
                .contains("Your password is changed.");
        assertThat(elsewhere.send(elsewhere.to("/collection").build()).body()).contains("<h1>Sign in</h1>");
        assertThat(here.send(here.to("/account").build()).body()).contains("Your account");
        assertThat(new Visit(fresh.port()).signIn("ann", "another long one").body())
                .contains("Sign out");
    }

    private static final Pattern LINK =
            Pattern.compile("value=\"http://127\\.0\\.0\\.1:\\d+(/[a-z-]+/[A-Za-z0-9_-]+)\"");

    private static String link(String page) {
        Matcher found = LINK.matcher(page);
        assertThat(found.find()).as(page).isTrue();
        return found.group(1);
    }

    private static String invite(Visit owner, String fields) throws Exception {
        owner.open("/people");
        return link(owner.form("/people/invitations", fields).body());
    }

    @Test
    @Order(5)
    void somebodyElseComesByALinkThatWorksOnce_intoThisCollectionOrOneOfHisOwn() throws Exception {
        Visit ann = new Visit(fresh.port());
        ann.signIn("ann", "another long one");
        String person = "hemisphere=south&name=Ben&signIn=ben&password=" + Visit.encoded("a first password");

        String help = invite(ann, "as=HELPER&until=");
        Visit ben = new Visit(fresh.port());
        assertThat(ben.open(help)).contains("To help with House, as helper.");
        assertThat(ben.form(help, person.replace("ben", "ann")).body()).contains("This user name is taken.");
        ben.open(help);
        assertThat(ben.form(help, person).body()).contains("Your account is ready");
        assertThat(ben.send(ben.to(help).build()).body()).contains("This link no longer works");

        String own = invite(ann, "as=APART&until=");
        Visit cem = new Visit(fresh.port());
        cem.open(own);
        assertThat(cem.form(own, person.replace("ben", "cem")).body()).contains("Name the collection.");
        cem.open(own);
        cem.form(own, person.replace("ben", "cem") + "&collectionName=Porch");
        assertThat(count("collection")).isEqualTo(2);
        assertThat(new Visit(fresh.port()).signIn("ben", "a first password").body())
                .contains("House");
        assertThat(new Visit(fresh.port()).signIn("cem", "a first password").body())
                .contains("Porch");
    }

    @Test
    @Order(6)
    void ofManyWhoUseALinkAtOnceOneGetsIn() throws Exception {
        Visit ann = new Visit(fresh.port());
        ann.signIn("ann", "another long one");
        String link = invite(ann, "as=READER&until=");
        AtOnce.each(6, number -> () -> {
            Visit one = new Visit(fresh.port());
            one.open(link);
            return one.form(
                    link, "name=Dee&signIn=dee-%d&password=%s".formatted(number, Visit.encoded("a first password")));
        });
        assertThat(database.sql("select count(*) from member where sign_in like 'dee-%'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    @Order(7)
    void anOwnersLinkGivesANewPassword_andEndsWhatWasOpen() throws Exception {
        Visit ben = new Visit(fresh.port());
        ben.signIn("ben", "a first password");
        Visit ann = new Visit(fresh.port());
        ann.signIn("ann", "another long one");
        ann.open("/people");
        String ids = database.sql("select id::text from member where sign_in = 'ben'")
                .query(String.class)
                .single();
        String link = link(ann.form("/people/" + ids + "/new-password", "").body());
        Visit anew = new Visit(fresh.port());
        anew.open(link);
        assertThat(anew.form(link, "password=short").body()).contains("Too short or too long");
        anew.open(link);
        assertThat(anew.form(link, "password=" + Visit.encoded("a second password"))
                        .body())
                .contains("Your new password is saved.");
        assertThat(ben.send(ben.to("/collection").build()).body()).contains("<h1>Sign in</h1>");
        assertThat(new Visit(fresh.port()).signIn("ben", "a second password").body())
                .contains("Sign out");
        database.sql(
                        "update member set password_hash = (select password_hash from member where sign_in = 'cem') where sign_in = 'ben'")
                .update();
    }

    @Test
    @Order(8)
    void guessingIsMadeSlow_andTheRightPasswordHelpsNobodyWhileHeWaits() throws Exception {
        String last = "";
        for (int i = 0; i < 8; i++) {
            last = new Visit(fresh.port()).signIn("ben", "guess number " + i).body();
        }
        assertThat(last).contains("Too many attempts. Wait");
        assertThat(new Visit(fresh.port()).signIn("ben", "a first password").body())
                .contains("Too many attempts");
        assertThat(new Visit(fresh.port()).signIn("cem", "a first password").body())
                .as("others sign in meanwhile")
                .contains("Sign out");
        database.sql("update sign_in_try set free_at = timestamptz 'epoch'").update();
        assertThat(new Visit(fresh.port()).signIn("ben", "a first password").body())
                .contains("Sign out");
        assertThat(database.sql("select count(*) from sign_in_try where who like 'account %'")
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    @Order(9)
    void whoGuessesAtManyAccountsIsSlowedByHisAddress() throws Exception {
        // On a busy machine a wait may be over before the next guess, so any of them may be the one that is held up.
        int slowed = 0;
        for (int i = 0; i < 40; i++) {
            slowed += new Visit(fresh.port())
                            .signIn("nobody" + i, "a guess at it")
                            .body()
                            .contains("Too many attempts. Wait")
                    ? 1
                    : 0;
        }
        assertThat(slowed).isPositive();
    }
}
