// Files that are dropped anywhere on a sheet go into its form for documents, and are sent with it.
const form = () => document.querySelector('.sheet form[data-drop]');
const carriesFiles = (event) => [...(event.dataTransfer?.types ?? [])].includes('Files');

export const startDropping = () => {
    document.addEventListener('dragover', (event) => {
        if (carriesFiles(event) && form()) {
            event.preventDefault();
            form().classList.add('over');
        }
    });
    document.addEventListener('dragleave', (event) => {
        if (event.relatedTarget === null) {
            form()?.classList.remove('over');
        }
    });
    document.addEventListener('drop', (event) => {
        if (!carriesFiles(event) || !form() || event.target.closest('input[type=file]')) {
            return;
        }
        event.preventDefault();
        form().classList.remove('over');
        form().querySelector('input[type=file]').files = event.dataTransfer.files;
        form().requestSubmit();
    });
};
