package vividtrellis.cli.interview;

/** One question. */
interface InterviewStep {

  /** Asks until there is an answer; gives whether to go on, and not back. */
  boolean ask(Interview interview);
}
