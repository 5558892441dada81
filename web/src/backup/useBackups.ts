import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ask, type Schemas } from '../api/client'

export type Backup = Schemas['BackupView']

/** The backups that are kept of this shop. */
export function useBackups() {
  return useQuery({ queryKey: ['backups'], queryFn: () => ask(api.GET('/api/v1/backups')) })
}

/** Writes one now. */
export function useWrite() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (run: string) => ask(api.POST('/api/v1/backups', { params: { query: { run } } })),
    onSuccess: (backups) => queries.setQueryData(['backups'], backups),
  })
}

/** Reads one into the empty shop. */
export function useRestore() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ file, run }: { file: File; run: string }) =>
      ask(
        api.POST('/api/v1/backups/restore', {
          params: { query: { run } },
          body: file as unknown as string,
          bodySerializer: (body) => body as unknown as File,
          headers: { 'Content-Type': 'application/zip' },
        }),
      ),
    // All there is has been replaced.
    onSuccess: () => void queries.invalidateQueries(),
  })
}
