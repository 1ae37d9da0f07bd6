package app.dantro.server.problem;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns every exception into problem+json; what a person can mend is said, what they cannot is logged. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler(ProblemException.class)
    ResponseEntity<ProblemDetail> refused(ProblemException e) {
        return ResponseEntity.status(e.status()).body(problem(e.status(), e.code(), e.getMessage(), e.fields()));
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ResponseEntity<ProblemDetail> badPath(MethodArgumentTypeMismatchException e) {
        String needed = e.getRequiredType() == UUID.class ? "a UUID" : "another kind of value";
        String message = "The %s (%s) must be %s.".formatted(e.getName(), e.getValue(), needed);
        return ResponseEntity.badRequest()
                .body(problem(
                        HttpStatus.BAD_REQUEST, "bad-field", message, List.of(new FieldProblem(e.getName(), message))));
    }

    /** A browser that left in the middle of an answer is no trouble, and hears nothing any more. */
    @ExceptionHandler(ClientAbortException.class)
    void left(ClientAbortException e) {
        LOG.debug("A browser left in the middle of an answer", e);
    }

    @ExceptionHandler(Exception.class)
    ResponseEntity<ProblemDetail> broken(Exception e) {
        if (DiskFull.is(e)) {
            LOG.error("The disk is full: an entry was refused");
            return ResponseEntity.status(HttpStatus.INSUFFICIENT_STORAGE)
                    .body(problem(
                            HttpStatus.INSUFFICIENT_STORAGE,
                            "disk-full",
                            "The disk is full: this was not saved. What was acknowledged before is safe. Make room on the workshop's computer, then save again.",
                            List.of()));
        }
        LOG.error("Request failed", e);
        return ResponseEntity.internalServerError()
                .body(problem(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "internal",
                        "Dantro could not do this. Nothing you entered is lost; try again, and report it if it stays.",
                        List.of()));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = e.getBindingResult().getFieldErrors().stream()
                .map(f -> new FieldProblem(
                        f.getField(), "The field (%s) %s.".formatted(f.getField(), f.getDefaultMessage())))
                .toList();
        String message = fields.stream().map(FieldProblem::message).collect(Collectors.joining(" "));
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, "bad-field", message, fields));
    }

    /** A parameter in the address. */
    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldProblem> fields = e.getParameterValidationResults().stream()
                .flatMap(r -> r.getResolvableErrors().stream()
                        .map(error -> new FieldProblem(
                                r.getMethodParameter().getParameterName(),
                                "The field (%s) %s."
                                        .formatted(
                                                r.getMethodParameter().getParameterName(), error.getDefaultMessage()))))
                .toList();
        String message = fields.stream().map(FieldProblem::message).collect(Collectors.joining(" "));
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, "bad-field", message, fields));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (lineBroke(e)) {
            return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                    .body(problem(
                            HttpStatus.SERVICE_UNAVAILABLE,
                            "line-slow",
                            "The line was too slow or broke: this did not arrive and may be sent again as it is.",
                            List.of()));
        }
        List<FieldProblem> fields = List.of();
        String message = "The body is not the JSON that this address takes. See /api/openapi for its fields.";
        if (e.getCause() instanceof UnrecognizedPropertyException unknown) {
            message = "There is no field (%s) here. Known fields: %s."
                    .formatted(unknown.getPropertyName(), unknown.getKnownPropertyIds());
            fields = List.of(new FieldProblem(path(unknown), message));
        } else if (e.getCause() instanceof InvalidFormatException format
                && format.getTargetType().isEnum()) {
            message = "The field (%s) is (%s) but must be one of %s."
                    .formatted(
                            path(format),
                            format.getValue(),
                            Arrays.toString(format.getTargetType().getEnumConstants()));
            fields = List.of(new FieldProblem(path(format), message));
        } else if (e.getCause() instanceof JsonMappingException mapping) {
            message = "The field (%s) has a value that does not fit it.".formatted(path(mapping));
            fields = List.of(new FieldProblem(path(mapping), message));
        } else if (e.getCause() instanceof JsonProcessingException) {
            message = "The body is not JSON: numbers are written like 131 or 0.27, text in double quotes.";
        }
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, "bad-json", message, fields));
    }

    /** The body did not arrive: nothing was wrong with it. */
    private static boolean lineBroke(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException && !(cause instanceof JsonProcessingException)) {
                return true;
            }
        }
        return false;
    }

    private static String path(JsonMappingException e) {
        return e.getPath().stream()
                .map(r -> r.getFieldName() == null ? "[" + r.getIndex() + "]" : r.getFieldName())
                .collect(Collectors.joining("."));
    }

    private static ProblemDetail problem(HttpStatus status, String code, String message, List<FieldProblem> fields) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setProperty("code", code);
        detail.setProperty("fields", fields);
        return detail;
    }
}
