package mildlantern.web.edge;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import mildlantern.web.words.Wording;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.ModelAndView;

/** The last resort, for what fails before a page is reached: still our own page, never a stack trace. */
@Controller
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    ModelAndView error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        boolean missing = status == HttpStatus.NOT_FOUND;
        ModelAndView page =
                new ModelAndView("frame/problem", status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status);
        page.addObject(
                "heading",
                missing
                        ? Wording.say("edge.error-page.no-such-page")
                        : Wording.say("edge.error-page.could-not-answered"));
        page.addObject(
                "what",
                missing
                        ? Wording.say("edge.error-page.page-not-found")
                        : Wording.say("edge.error-page.request-was-refused-before"));
        page.addObject("kept", Wording.say("edge.error-page.nothing-was-changed"));
        page.addObject("back", "/");
        page.addObject("typed", List.of());
        return page;
    }
}
