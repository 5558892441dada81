/**
 * Training: rounds of the exercises and the record of them. Holds: a round is worked out anew from its seed and its acts each
 * time it is asked, so that nothing of it is stored but how it ended, and that once. Not robust: who practises says so by name
 * only. Counter-example: two people on one tablet under one name share a record.
 */
package truekeen.app.training;
