package mildlantern.web.edge;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
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
        page.addObject("heading", missing ? "No such page" : "That could not be answered");
        page.addObject(
                "what",
                missing
                        ? "This address leads nowhere in Mild Lantern."
                        : "The request was refused before it reached a page.");
        page.addObject("kept", "Nothing was changed.");
        page.addObject("back", "/");
        page.addObject("typed", List.of());
        return page;
    }
}
