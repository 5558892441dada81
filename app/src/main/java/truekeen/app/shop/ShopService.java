package truekeen.app.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.Form;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Crews and people. */
@Service
@Transactional
public class ShopService {
    private final Crews crews;
    private final Persons persons;
    private final NamesWritten names;
    private final ApplicationEventPublisher publisher;

    ShopService(Crews crews, Persons persons, NamesWritten names, ApplicationEventPublisher publisher) {
        this.crews = crews;
        this.persons = persons;
        this.names = names;
        this.publisher = publisher;
    }

    /**
     * Someone whose tools come in, or who works at the bench.
     *
     * @param id its key
     * @param name as the shop calls it
     */
    public record Named(UUID id, String name) {}

    /** All crews, by name. */
    @Transactional(readOnly = true)
    public List<Named> crews() {
        return crews.findAllByOrderByName().stream()
                .map(c -> new Named(c.id, c.name))
                .toList();
    }

    /** The crew of that id. */
    @Transactional(readOnly = true)
    public Named crew(UUID id) {
        return crews.findById(id).map(c -> new Named(c.id, c.name)).orElseThrow(() -> Form.notFound("crew", id));
    }

    /** The crew of an id as a form gives it, if there is one. */
    @Transactional(readOnly = true)
    public Optional<Named> findCrew(String id) {
        return crews.findAll().stream()
                .filter(c -> c.id.toString().equals(id))
                .map(c -> new Named(c.id, c.name))
                .findFirst();
    }

    /** All people, by name. */
    @Transactional(readOnly = true)
    public List<Named> people() {
        return persons.findAllByOrderByName().stream()
                .map(p -> new Named(p.id, p.name))
                .toList();
    }

    /** Adds a crew; one of that name is given back as it is. */
    public Named addCrew(String name) {
        String checked = checked(name);
        Crew crew = crews.findByName(checked).orElseGet(() -> crews.save(new Crew(UUID.randomUUID(), checked)));
        return new Named(crew.id, crew.name);
    }

    /** Adds a person; one of that name is given back as it is. */
    public Named addPerson(String name) {
        String checked = checked(name);
        Person person =
                persons.findByName(checked).orElseGet(() -> persons.save(new Person(UUID.randomUUID(), checked)));
        return new Named(person.id, person.name);
    }

    /** Calls a crew something else; a name that another has is refused. */
    public Named renameCrew(UUID id, String name) {
        String checked = checked(name);
        Crew crew = crews.findById(id).orElseThrow(() -> Form.notFound("crew", id));
        crews.findByName(checked).filter(c -> !c.id.equals(id)).ifPresent(c -> {
            throw taken(checked, ShopWords.OWNER);
        });
        crew.name = checked;
        crews.saveAndFlush(crew);
        publisher.publishEvent(new CrewRenamed(id));
        return new Named(crew.id, crew.name);
    }

    /** Takes a crew off the list; whoever asks has made sure that it has no tools. */
    public void removeCrew(UUID id) {
        crews.delete(crews.findById(id).orElseThrow(() -> Form.notFound("crew", id)));
    }

    /**
     * Calls a person something else, in everything that was ever written down too: a name that was misspelt was never
     * another person's. A name that stands anywhere already is refused, since two people would become one.
     */
    public Named renamePerson(UUID id, String name) {
        String checked = checked(name);
        Person person = persons.findById(id).orElseThrow(() -> Form.notFound("person", id));
        String old = person.name;
        if (!old.equals(checked)) {
            if (persons.findByName(checked).isPresent() || names.stands(checked)) {
                throw taken(checked, ShopWords.PERSON);
            }
            person.name = checked;
            persons.saveAndFlush(person);
            names.change(old, checked);
        }
        return new Named(person.id, person.name);
    }

    /** Takes a person off the list; what they did stays in the log under their name. */
    public void removePerson(UUID id) {
        persons.delete(persons.findById(id).orElseThrow(() -> Form.notFound("person", id)));
    }

    private static RefusedException taken(String name, ShopWords what) {
        return new RefusedException(
                Refusal.of(MessageCode.NAME_TAKEN, "name", name).with("what", what.words()));
    }

    /** A name as it is written, or a refusal. */
    static String checked(String name) {
        Checks checks = new Checks();
        checks.text("name", ShopWords.A_NAME.words(), name, true, 80);
        checks.orThrow();
        return name.strip();
    }

    @Entity(name = "crew")
    static class Crew {
        @Id
        UUID id;

        String name;

        protected Crew() {}

        Crew(UUID id, String name) {
            this.id = id;
            this.name = name;
        }
    }

    @Entity(name = "person")
    static class Person {
        @Id
        UUID id;

        String name;

        protected Person() {}

        Person(UUID id, String name) {
            this.id = id;
            this.name = name;
        }
    }

    interface Crews extends JpaRepository<Crew, UUID> {
        List<Crew> findAllByOrderByName();

        Optional<Crew> findByName(String name);
    }

    interface Persons extends JpaRepository<Person, UUID> {
        List<Person> findAllByOrderByName();

        Optional<Person> findByName(String name);
    }
}
