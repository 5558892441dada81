package truekeen.app.platform;

import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** A change that is only tried: everything is done and looked at, and then nothing of it is kept. */
public final class DryRun {
    private DryRun() {}

    /** Lets nothing of the transaction under way be kept, where it was only tried. */
    public static void undoIf(boolean tried) {
        if (tried) {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        }
    }
}
