package truekeen.app.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import truekeen.app.ApiTest;

/** However large the shop is, reading it asks the database the same number of questions. */
@Import(StatementsTest.Counting.class)
class StatementsTest extends ApiTest {
    private static final AtomicInteger ASKED = new AtomicInteger();

    @Test
    void readingTheShopAsksAsOftenAtTenToolsAsAtTwoHundred() {
        String tool = takeIn(chisel());
        for (int i = 1; i < 10; i++) {
            takeIn(chisel());
        }
        Map<String, Integer> atTen = asked(tool);
        for (int i = 10; i < 200; i++) {
            takeIn(chisel());
        }
        assertThat(get("/api/v1/rack").body().path("tools").size()).isGreaterThanOrEqualTo(200);
        assertThat(asked(tool)).isEqualTo(atTen);
        assertThat(atTen.values()).allSatisfy(n -> assertThat(n).isBetween(1, 30));
    }

    private Map<String, Integer> asked(String tool) {
        Map<String, Integer> all = new LinkedHashMap<>();
        for (String path : new String[] {
            "/board", "/rack", "/tools/" + tool, "/tools/" + tool + "/stages", "/tools/" + tool + "/log", "/kit"
        }) {
            assertThat(get("/api/v1" + path).status()).isEqualTo(200);
            ASKED.set(0);
            get("/api/v1" + path);
            all.put(path, ASKED.get());
        }
        return all;
    }

    /** Counts every statement that is prepared or run as it is. */
    @TestConfiguration
    static class Counting {
        @Bean
        static BeanPostProcessor countedDataSource() {
            return new BeanPostProcessor() {
                @Override
                public Object postProcessAfterInitialization(Object bean, String name) {
                    return bean instanceof DataSource source ? new Counted(source) : bean;
                }
            };
        }
    }

    private static final class Counted extends DelegatingDataSource {
        Counted(DataSource target) {
            super(target);
        }

        @Override
        public Connection getConnection() throws java.sql.SQLException {
            Connection real = super.getConnection();
            return (Connection) Proxy.newProxyInstance(
                    Connection.class.getClassLoader(), new Class<?>[] {Connection.class}, (proxy, method, given) -> {
                        if (method.getName().equals("prepareStatement")
                                || method.getName().equals("createStatement")) {
                            ASKED.incrementAndGet();
                        }
                        try {
                            return method.invoke(real, given);
                        } catch (InvocationTargetException fault) {
                            throw fault.getCause();
                        }
                    });
        }
    }
}
