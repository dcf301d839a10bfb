package app.blenner.server.message;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface MessageRepository extends JpaRepository<MessageEntity, Long> {
  List<MessageEntity> findAllByOrderByReceivedAtDescIdDesc(Limit limit);

  long countByReadFalse();
}
