/**
 * The plan as steps of the bench, in order, each with its gate.
 *
 * <p>A step says what it is done on, how, until when and why; its words come from the package's catalogue, its counts
 * from the plan or from a prior. Steps are put together by {@link truekeen.core.stepsheet.StepBuilder}; what is not
 * said is left out.
 *
 * <p>Counts by rule (burr, strop) know nothing of the edge: they are a beginning.
 */
package truekeen.core.stepsheet;
