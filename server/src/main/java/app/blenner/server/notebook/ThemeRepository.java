package app.blenner.server.notebook;

import org.springframework.data.jpa.repository.JpaRepository;

interface ThemeRepository extends JpaRepository<ThemeEntity, String> {}
