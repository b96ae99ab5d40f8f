/* Preloaded, it lets every sync of a file take FERN_SYNC_MS longer: a disk whose sync costs nothing measures no durable insert. */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <stdlib.h>
#include <unistd.h>

static int then_wait(const char *name, int fd) {
  int (*sync)(int) = (int (*)(int))dlsym(RTLD_NEXT, name);
  const char *ms = getenv("FERN_SYNC_MS");
  int result = sync(fd);
  usleep(ms ? atoi(ms) * 1000 : 0);
  return result;
}
int fsync(int fd) { return then_wait("fsync", fd); }
int fdatasync(int fd) { return then_wait("fdatasync", fd); }
