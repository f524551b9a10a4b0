package mildlantern.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Answers everything that goes wrong in the product's own look: what happened, what was kept, what to do. */
@ControllerAdvice
@Controller
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler(NotHere.class)
    ModelAndView notHere(HttpServletRequest request, NotHere problem) {
        return page(
                request,
                HttpStatus.NOT_FOUND,
                "Not in this collection",
                "There is no such " + problem.getMessage() + " in your collection.",
                "Nothing was changed.",
                "/");
    }

    @ExceptionHandler({
        NoHandlerFoundException.class,
        NoResourceFoundException.class,
        MethodArgumentTypeMismatchException.class,
        HttpRequestMethodNotSupportedException.class
    })
    ModelAndView noPage(HttpServletRequest request) {
        return page(
                request,
                HttpStatus.NOT_FOUND,
                "No such page",
                "This address leads nowhere in Mild Lantern.",
                "Nothing was changed.",
                "/");
    }

    @ExceptionHandler(MovedOn.class)
    ModelAndView movedOn(HttpServletRequest request, MovedOn problem) {
        ModelAndView page = page(
                request,
                HttpStatus.CONFLICT,
                "This page had moved on",
                String.valueOf(problem.getMessage()),
                "Nothing was overwritten, and this form was not stored.",
                problem.back());
        if (!problem.kept().isBlank()) {
            page.addObject("typed", List.of(problem.kept()));
        }
        return page;
    }

    @ExceptionHandler({OptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ModelAndView twoAtOnce(HttpServletRequest request) {
        return page(
                request,
                HttpStatus.CONFLICT,
                "Two changes at once",
                "Somebody else, or another window of yours, changed the same thing in the same moment.",
                "The other change was kept; yours was not stored. Go back, look, and send it again.",
                "/");
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    ModelAndView tooLarge(HttpServletRequest request) {
        return page(
                request,
                HttpStatus.CONTENT_TOO_LARGE,
                "Too large to take in",
                "What was sent is too large: a photo may have 15 MB (from a phone it is usually 2 to 5), an archive 200 MB.",
                "Nothing was stored, and nothing was lost.",
                "/");
    }

    @ExceptionHandler({MissingServletRequestParameterException.class, BindException.class})
    ModelAndView malformed(HttpServletRequest request, Exception problem) {
        LOG.info("A request could not be understood: {}", problem.getMessage());
        return page(
                request,
                HttpStatus.BAD_REQUEST,
                "The form was not complete",
                "Something in what was sent could not be understood.",
                "Nothing was changed. Go back to the page and try once more.",
                "/");
    }

    /** The browser went on to another page before this answer had gone out: nobody waits for it any more. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void goneOn(AsyncRequestNotUsableException gone) {
        LOG.debug("An answer was no longer waited for", gone);
    }

    @ExceptionHandler(Exception.class)
    ModelAndView anything(HttpServletRequest request, Exception problem) {
        LOG.error("A request failed: {} {}", request.getMethod(), request.getRequestURI(), problem);
        return page(
                request,
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "It is our fault, not yours. It has been written to the log.",
                "What you stored before is safe.",
                "/");
    }

    /** Where security sends a form whose token is not the session's. */
    @RequestMapping("/stale-form")
    ModelAndView staleForm(HttpServletRequest request, HttpServletResponse response) {
        return page(
                request,
                HttpStatus.FORBIDDEN,
                "The form was too old",
                "This form belonged to a session that has ended, or it was opened before you signed in again.",
                "Nothing was changed. Open the page afresh and send it again.",
                "/");
    }

    private static ModelAndView page(
            HttpServletRequest request, HttpStatus status, String title, String what, String kept, String back) {
        boolean fragment = "true".equals(request.getHeader("HX-Request"));
        ModelAndView page = new ModelAndView(fragment ? "frame/problem :: notice" : "frame/problem", status);
        page.addObject("heading", title);
        page.addObject("what", what);
        page.addObject("kept", kept);
        page.addObject("back", back);
        page.addObject("typed", List.of());
        return page;
    }
}
