package truekeen.app.shop;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.platform.Form;
import truekeen.core.message.Checks;

/** Crews and people. */
@Service
@Transactional
public class ShopService {
    private final Crews crews;
    private final Persons persons;

    ShopService(Crews crews, Persons persons) {
        this.crews = crews;
        this.persons = persons;
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

    private static String checked(String name) {
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
