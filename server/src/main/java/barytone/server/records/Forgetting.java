package barytone.server.records;

import barytone.server.job.Choices;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OddValueException;
import barytone.server.people.People;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Forgets a person on request, everywhere in one transaction. */
@Component
class Forgetting {
    private final People people;
    private final JobLog log;
    private final Choices choices;
    private final Cards cards;
    private final JobRegister register;

    Forgetting(People people, JobLog log, Choices choices, Cards cards, JobRegister register) {
        this.cards = cards;
        this.register = register;
        this.people = people;
        this.log = log;
        this.choices = choices;
    }

    /**
     * Removes name, contact, notes and wishes of a player, also from what closed jobs keep. The instruments and what was done to them stay.
     *
     * @throws OddValueException unless it was asked about
     */
    @Transactional
    public void forget(long id, boolean sure) {
        People.Player player = people.find(people.toldAs(id));
        if (!sure)
            throw new OddValueException(
                    "Forget “" + player.name()
                            + "” for good? Name, contact, notes and wishes are removed and cannot be brought back; the instruments keep their figures. "
                            + "Complaints, notes and by whom work was accepted stay as they were written, and so do backups until they are replaced.");
        choices.forget(player.id(), player.name());
        people.sameAs(player.id()).forEach(same -> choices.forget(same.id(), same.name()));
        people.forget(player.id());
        log.forget(player.id(), People.FORGOTTEN);
        cards.forget(register.of(player.id()), People.FORGOTTEN);
    }
}
