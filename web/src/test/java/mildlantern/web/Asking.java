package mildlantern.web;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import mildlantern.web.platform.SignedIn;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Asks pages and sends forms as somebody who has signed in. */
@TestComponent
public class Asking {
    private final MockMvc mvc;

    Asking(MockMvc mvc) {
        this.mvc = mvc;
    }

    /** The key of a form that was not sent yet. */
    public static String fresh() {
        return UUID.randomUUID().toString();
    }

    public ResultActions page(SignedIn member, String address) throws Exception {
        return mvc.perform(get(address).with(user(member)));
    }

    /** What stands on a page. */
    public String text(SignedIn member, String address) throws Exception {
        return page(member, address).andReturn().getResponse().getContentAsString();
    }

    /**
     * Sends a form.
     *
     * @param fields names and values in turn
     */
    public ResultActions form(SignedIn member, String address, String... fields) throws Exception {
        MockHttpServletRequestBuilder sent = post(address).with(user(member)).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            sent.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(sent);
    }
}
