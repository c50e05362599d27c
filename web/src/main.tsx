document.getElementById('app')!.textContent = 'Elsko';
