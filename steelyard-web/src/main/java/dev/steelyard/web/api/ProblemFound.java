package dev.steelyard.web.api;

import dev.steelyard.format.FormatIssue;
import java.io.Serial;
import java.util.List;

/** A request is refused; becomes an answer of application/problem+json. */
public final class ProblemFound extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final Problem problem;
    private final transient List<FormatIssue> issues;

    public ProblemFound(Problem problem, String detail, List<FormatIssue> issues) {
        super(detail, null, false, false);
        this.problem = problem;
        this.issues = issues;
    }

    public ProblemFound(Problem problem, String detail) {
        this(problem, detail, List.of());
    }

    Problem problem() {
        return problem;
    }

    List<FormatIssue> issues() {
        return issues;
    }
}
