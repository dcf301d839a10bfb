package app.blenner.server.notebook;

import org.springframework.data.jpa.repository.JpaRepository;

interface TargetTermsRepository extends JpaRepository<TargetTermsEntity, String> {
  void deleteAllByItemKey(String itemKey);
}
