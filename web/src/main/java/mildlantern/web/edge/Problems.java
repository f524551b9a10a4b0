package mildlantern.web.edge;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.StaleVersion;
import mildlantern.web.role.NotAllowed;
import mildlantern.web.words.Wording;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/**
 * Answers everything that goes wrong in the product's own look: what happened, what was kept, what to do. A program that asks for JSON
 * gets a problem document (RFC 9457) instead.
 */
@ControllerAdvice
@Controller
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** A key that was taken, a row that is referred to or gone: another was quicker. */
    private static final Set<String> ANOTHER_WAS_QUICKER = Set.of("23505", "23503", "40001", "40P01", "55P03");

    @ExceptionHandler(NotHere.class)
    Object notHere(HttpServletRequest request, NotHere problem) {
        return answer(
                request,
                HttpStatus.NOT_FOUND,
                Wording.say("edge.problems.not-collection"),
                Wording.say("edge.problems.there-no-such-your", problem.getMessage()),
                Wording.say("edge.problems.nothing-was-changed"));
    }

    @ExceptionHandler(NotAllowed.class)
    Object notAllowed(HttpServletRequest request, NotAllowed problem) {
        return answer(
                request,
                HttpStatus.FORBIDDEN,
                Wording.say("edge.problems.not-allowed"),
                Wording.say("edge.problems.your-role", problem.has(), problem.needed()),
                Wording.say("edge.problems.nothing-was-changed"));
    }

    @ExceptionHandler({
        NoHandlerFoundException.class,
        NoResourceFoundException.class,
        MethodArgumentTypeMismatchException.class
    })
    Object noPage(HttpServletRequest request) {
        return answer(
                request,
                HttpStatus.NOT_FOUND,
                Wording.say("edge.problems.no-such-page"),
                Wording.say("edge.problems.page-not-found"),
                Wording.say("edge.problems.nothing-was-changed"));
    }

    @ExceptionHandler(StaleVersion.class)
    Object movedOn(HttpServletRequest request, StaleVersion problem) {
        Answers.Wrong wrong = new Answers.Wrong(
                HttpStatus.CONFLICT,
                Wording.say("edge.problems.page-was-out-date"),
                String.valueOf(problem.getMessage()),
                Wording.say("edge.problems.nothing-was-overwritten-form"));
        if (Answers.asProgram(request)) {
            return Answers.json(wrong);
        }
        ModelAndView page = page(request, wrong, problem.back());
        if (!problem.kept().isBlank()) {
            page.addObject("typed", List.of(problem.kept()));
        }
        return page;
    }

    @ExceptionHandler(ConcurrencyFailureException.class)
    Object twoAtOnce(HttpServletRequest request) {
        return answer(
                request,
                HttpStatus.CONFLICT,
                Wording.say("edge.problems.two-changes-once"),
                Wording.say("edge.problems.somebody-else-another-window"),
                Wording.say("edge.problems.other-change-was-kept"));
    }

    /** The database refused it: because another was quicker, or because no such text or number can be stored. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    Object refused(HttpServletRequest request, DataIntegrityViolationException problem) {
        if (NestedExceptionUtils.getMostSpecificCause(problem) instanceof SQLException cause
                && ANOTHER_WAS_QUICKER.contains(String.valueOf(cause.getSQLState()))) {
            return twoAtOnce(request);
        }
        LOG.info(
                "something could not be stored: {} {}: {}",
                request.getMethod(),
                request.getRequestURI(),
                NestedExceptionUtils.getMostSpecificCause(problem).getMessage());
        return answer(
                request,
                HttpStatus.UNPROCESSABLE_CONTENT,
                Wording.say("edge.problems.cannot-stored"),
                Wording.say("edge.problems.text-too-long-number"),
                Wording.say("edge.problems.nothing-was-changed-go"));
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    Object tooLarge(HttpServletRequest request) {
        Answers.Wrong wrong = BodyLimits.tooLarge(BodyLimits.of(request.getRequestURI()));
        return Answers.asProgram(request) ? Answers.json(wrong) : page(request, wrong, "/");
    }

    @ExceptionHandler({BindException.class, MultipartException.class, HttpMessageNotReadableException.class})
    Object malformed(HttpServletRequest request, Exception problem) {
        if (problem instanceof BindException binding && inAddress(request, binding)) {
            return noPage(request);
        }
        LOG.info("A request could not be understood: {}", problem.getMessage());
        return answer(
                request,
                HttpStatus.BAD_REQUEST,
                Wording.say("edge.problems.form-was-not-complete"),
                Wording.say("edge.problems.something-what-was-sent"),
                Wording.say("edge.problems.nothing-was-changed-go-2"));
    }

    /** Whether it is the address itself that means nothing. */
    private static boolean inAddress(HttpServletRequest request, BindException binding) {
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> named
                && binding.getFieldErrors().stream()
                        .anyMatch(error -> error.isBindingFailure() && named.containsKey(error.getField()));
    }

    /** The browser went on to another page before this answer had gone out: nobody waits for it any more. */
    @ExceptionHandler({AsyncRequestNotUsableException.class, ClientAbortException.class})
    void goneOn(IOException gone) {
        LOG.debug("An answer was no longer waited for", gone);
    }

    @ExceptionHandler(Exception.class)
    @Nullable
    Object anything(HttpServletRequest request, HttpServletResponse response, Exception problem) throws IOException {
        if (problem instanceof ErrorResponse known && known.getStatusCode().is4xxClientError()) {
            return senders(request, known.getStatusCode(), problem);
        }
        Optional<Answers.Wrong> noPage = Edges.noPage(problem);
        if (noPage.isPresent()) {
            Answers.plain(request, response, noPage.get());
            return null;
        }
        LOG.error("A request failed: {} {}", request.getMethod(), request.getRequestURI(), problem);
        return Answers.asProgram(request) ? Answers.json(Edges.OURS) : page(request, Edges.OURS, "/");
    }

    /** A method, a type or a part that this address does not take. */
    private static Object senders(HttpServletRequest request, HttpStatusCode code, Exception problem) {
        LOG.info(
                "A request was refused: {} {}: {}", request.getMethod(), request.getRequestURI(), problem.getMessage());
        HttpStatus status = HttpStatus.valueOf(code.value());
        return answer(
                request,
                status,
                status == HttpStatus.METHOD_NOT_ALLOWED
                        ? Wording.say("edge.problems.not-done-way")
                        : Wording.say("edge.problems.form-was-not-complete"),
                switch (status) {
                    case METHOD_NOT_ALLOWED -> Wording.say("edge.problems.address-not-asked-way");
                    case NOT_ACCEPTABLE -> Wording.say("edge.problems.what-here-cannot-given");
                    case UNSUPPORTED_MEDIA_TYPE -> Wording.say("edge.problems.what-was-sent-kind");
                    default -> Wording.say("edge.problems.something-what-was-sent-2");
                },
                Wording.say("edge.problems.nothing-was-changed"));
    }

    /** Where security sends a form whose token is not the session's. */
    @RequestMapping("/stale-form")
    Object staleForm(HttpServletRequest request) {
        return answer(
                request,
                HttpStatus.FORBIDDEN,
                Wording.say("edge.problems.form-was-out-date"),
                Wording.say("edge.problems.form-belonged-session-has"),
                Wording.say("edge.problems.nothing-was-changed-reload"));
    }

    private static Object answer(
            HttpServletRequest request, HttpStatus status, String title, String what, String kept) {
        Answers.Wrong wrong = new Answers.Wrong(status, title, what, kept);
        return Answers.asProgram(request) ? Answers.json(wrong) : page(request, wrong, "/");
    }

    private static ModelAndView page(HttpServletRequest request, Answers.Wrong wrong, String back) {
        boolean fragment = "true".equals(request.getHeader("HX-Request"));
        ModelAndView page = new ModelAndView(fragment ? "frame/problem :: notice" : "frame/problem", wrong.status());
        page.addObject("heading", wrong.title());
        page.addObject("what", wrong.what());
        page.addObject("kept", wrong.kept());
        page.addObject("back", back);
        page.addObject("typed", List.of());
        return page;
    }
}
