package truekeen.app.gate;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hangs the door. */
@Configuration
class Doors implements WebMvcConfigurer {
    private final BladeDoor door;

    Doors(BladeDoor door) {
        this.door = door;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(door);
    }
}
